using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Walls;

/// <summary>Goes through all that is known of a wall for one hole, on both faces and between.</summary>
internal sealed class CutNotes(WallPlan plan, BoxOnWall box, Stretch across, Stretch up, Job job, bool cut)
{
    private static readonly Length BesideStud = Length.Inches(0, 1, 4),
        WithinReach = Length.Inches(16);

    private readonly Length near = Length.FromInches(WallBook.Near.Of(job.Practice));

    /// <summary>What a saw does not go through.</summary>
    public static bool Hard(WallThingKind kind) =>
        kind is WallThingKind.Stud or WallThingKind.Blocking or WallThingKind.Header or WallThingKind.Door or WallThingKind.Window;

    public IEnumerable<CutNote> All(IReadOnlyList<PlateOver> plates) =>
        [.. Inside(), .. Cables(), .. Boxes(), .. Depth(), .. Plate(plates), .. Looked()];

    private IEnumerable<CutNote> Inside()
    {
        foreach (var (id, at) in plan.Things)
        {
            var thing = plan.Wall.Things[id];
            if (at is not { Across: { } a, Up: { } u })
            {
                continue;
            }

            var apart = Beside.Apart(across, up, a, u);
            var guessed = thing.How == FoundHow.Guessed || !a.Sure || !u.Sure;
            if (Of(thing.Kind) is { } met && apart < Least(thing.Kind) && !Own(thing.Run))
            {
                yield return new(met, guessed ? CutWeight.Ask : CutWeight.Stop, Thing: id, Run: thing.Run, Way: apart);
            }
        }

        foreach (var stud in plan.Guessed.Where(g => g.Across.Meets(across)))
        {
            yield return new(CutCase.GuessedStud, CutWeight.Ask, Way: stud.Across.Apart(across));
        }

        var studs = plan
            .Things.Where(t => plan.Wall.Things[t.Key].Kind == WallThingKind.Stud && t.Value.Across is { } a && !a.Meets(across))
            .Select(t => (t.Key, Way: t.Value.Across!.Apart(across)))
            .OrderBy(t => t.Way)
            .ToList();
        if (studs is [{ } stud1, ..])
        {
            yield return new(stud1.Way <= BesideStud ? CutCase.ByStud : CutCase.Clear, CutWeight.Tell, Thing: stud1.Key, Way: stud1.Way);
        }

        // Framing over and under it, in its own bay: where the ears and the saw end.
        foreach (var (id, at) in plan.Things)
        {
            if (
                plan.Wall.Things[id].Kind is WallThingKind.Blocking or WallThingKind.Header
                && at is { Across: { } a, Up: { } u }
                && a.Meets(across)
                && u.Apart(up) is var clear
                && clear >= Length.Zero
                && clear < WithinReach
            )
            {
                yield return new(CutCase.Clear, CutWeight.Tell, Thing: id, Way: clear);
            }
        }

        if (BoxKinds.Find(box.Box.Kind) is { OldWork: true })
        {
            var ears = Length.FromInches(WallBook.Ears.Of(job.Practice));
            foreach (var (id, at) in plan.Things.Where(t => Hard(plan.Wall.Things[t.Key].Kind)))
            {
                if (at is { Across: { } a, Up: { } u } && Beside.Apart(across, up, a, u) is var way && way >= Length.Zero && way < ears)
                {
                    yield return new(CutCase.Ears, CutWeight.Fix, Thing: id, Way: way);
                }
            }
        }
    }

    private static CutCase? Of(WallThingKind kind) =>
        kind switch
        {
            WallThingKind.Stud => CutCase.Stud,
            WallThingKind.Blocking or WallThingKind.Header => CutCase.Framing,
            WallThingKind.Door or WallThingKind.Window => CutCase.Opening,
            WallThingKind.Pipe => CutCase.Pipe,
            WallThingKind.Duct => CutCase.Duct,
            WallThingKind.Cable => CutCase.Cable,
            _ => null,
        };

    private Length Least(WallThingKind kind) => Hard(kind) ? Length.Zero : near;

    private IEnumerable<CutNote> Cables()
    {
        var stray = Length.FromInches(WallBook.Stray.Of(job.Practice));
        foreach (var cable in InferredCable.Of(plan, job))
        {
            if (!Own(cable.Run) && cable.Apart(across, up) is var way && way < stray)
            {
                yield return new(CutCase.InferredCable, CutWeight.Stop, Run: cable.Run, Way: way);
            }
        }
    }

    /// <summary>The box's own cables come to its hole.</summary>
    private bool Own(Id<Run>? id) => job.Runs.Find(id) is { } run && (run.A.IsIn(box.Id) || run.B.IsIn(box.Id));

    private IEnumerable<CutNote> Boxes()
    {
        foreach (var other in plan.Boxes.Where(b => b.Id != box.Id && b.At.IsPlaced))
        {
            var apart = Beside.Apart(across, up, other.At.Across!, other.At.Up!);
            if (other.Side == box.Side)
            {
                if (apart < Length.Zero)
                {
                    yield return new(CutCase.Box, CutWeight.Stop, box.Side, Box: other.Id, Way: apart);
                }

                continue;
            }

            if (apart >= Length.Zero)
            {
                continue;
            }

            var room = Room(other);
            yield return room switch
            {
                null => new(CutCase.BoxBehindAsk, CutWeight.Ask, other.Side, Box: other.Id),
                { Fits: true } => new(CutCase.Clear, CutWeight.Tell, other.Side, Box: other.Id, Way: room.Left),
                _ => new(CutCase.BoxBehind, CutWeight.Stop, other.Side, Box: other.Id, Way: room.Offset),
            };
        }
    }

    /// <summary>Both boxes in the thickness of the wall; null where a depth is not known.</summary>
    private BackToBack? Room(BoxOnWall other) =>
        Transfer.Thick(plan) is { } thick && BoxDepth.Depth(box.Box) is { } one && BoxDepth.Depth(other.Box) is { } two
            ? BackToBack.In(thick, one, two, box.At.Across!.Size + other.At.Across!.Size, job.Practice)
            : null;

    private IEnumerable<CutNote> Depth()
    {
        var layers = Transfer.Layers(box.Side == WallSide.Near ? plan.Wall.Layers : plan.Wall.BehindLayers);
        if (layers is { } on && plan.Wall.StudDepth.OrNull is { } space && BoxDepth.Depth(box.Box) is { } deep)
        {
            var left = on + space - deep;
            if (left < Length.Zero)
            {
                yield return new(CutCase.TooDeep, CutWeight.Stop, box.Side, Box: box.Id, Way: Length.Zero - left);
            }
        }
    }

    private IEnumerable<CutNote> Plate(IReadOnlyList<PlateOver> plates)
    {
        var plate = plates.FirstOrDefault(p => p.Covers);
        if (plate is null)
        {
            yield return new(CutCase.PlateShows, CutWeight.Fix, box.Side);
            yield break;
        }

        if (plate.Size != PlateSize.Standard)
        {
            yield return new(CutCase.LargerPlate, CutWeight.Tell, box.Side);
        }

        var (wide, high) = (across.Wider(plate.Aside), up.Wider(plate.Above));
        foreach (var (id, at) in plan.Things)
        {
            var thing = plan.Wall.Things[id];
            if (
                thing.Kind
                    is WallThingKind.Trim
                        or WallThingKind.Cabinet
                        or WallThingKind.Counter
                        or WallThingKind.Door
                        or WallThingKind.Window
                && (thing.Side is null || thing.Side == box.Side)
                && at is { Across: { } a, Up: { } u }
                && Beside.Apart(wide, high, a, u) is var way
                && way < Length.Zero
                && Beside.Apart(across, up, a, u) >= Length.Zero
            )
            {
                yield return new(CutCase.Plate, CutWeight.Fix, box.Side, Thing: id, Way: Length.Zero - way);
            }
        }
    }

    /// <summary>Whether somebody looked at all of the cut, from each face.</summary>
    private IEnumerable<CutNote> Looked()
    {
        // What is in has its hole.
        if (!cut && (box.Box.Contents != Contents.NotOpened || box.Box.Leads.Count > 0))
        {
            yield break;
        }

        foreach (var face in Enum.GetValues<WallSide>())
        {
            var looked = plan.Things.Where(t =>
                plan.Wall.Things[t.Key] is { Kind: WallThingKind.Looked } l
                && (l.Side ?? WallSide.Near) == face
                && Holds(t.Value.Across, across)
                && Holds(t.Value.Up, up)
            );
            var layers = face == WallSide.Near ? plan.Wall.Layers : plan.Wall.BehindLayers;
            var open = layers.Count > 0 && layers.All(l => l.ToCome);
            yield return looked.FirstOrDefault().Key is var id && (id is not null || open)
                ? new(CutCase.Looked, CutWeight.Tell, face, id)
                : new(CutCase.NobodyLooked, CutWeight.Ask, face);
        }
    }

    private static bool Holds(Stretch? whole, Stretch part) => whole is not null && whole.Low <= part.Low && whole.High >= part.High;
}
