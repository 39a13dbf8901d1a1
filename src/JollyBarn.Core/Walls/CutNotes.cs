using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Walls;

/// <summary>Goes through all that is known of a wall for one hole, on both faces and between.</summary>
internal sealed class CutNotes(
    WallPlan plan,
    BoxOnWall box,
    IReadOnlyList<InferredCable> cables,
    Stretch across,
    Stretch up,
    Job job,
    bool cut
)
{
    private static readonly Length BesideStud = Length.Inches(0, 1, 4),
        WithinReach = Length.Inches(16);

    /// <summary>The hole is still to be cut: what is in has its hole.</summary>
    private readonly bool fresh = cut || (box.Box.Contents == Contents.NotOpened && box.Box.Leads.Count == 0);

    private readonly Length near = Length.FromInches(WallBook.Near.Of(job.Practice));

    /// <summary>What a saw does not go through.</summary>
    public static bool Hard(WallThingKind kind) =>
        kind is WallThingKind.Stud or WallThingKind.Blocking or WallThingKind.Header or WallThingKind.Door or WallThingKind.Window;

    public IEnumerable<CutNote> All(IReadOnlyList<PlateOver> plates) =>
        [.. Inside(), .. Ears(), .. Cables(), .. Boxes(), .. Depth(), .. Plate(plates), .. Lost(), .. Looked()];

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
            if (Meets(thing.Kind) is { } met && apart < Least(thing.Kind) && !Own(thing.Run))
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
    }

    private IEnumerable<CutNote> Ears()
    {
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

    /// <summary>What a saw meets in it; null for what is no part of the wall's inside.</summary>
    public static CutCase? Meets(WallThingKind kind) =>
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
        foreach (var cable in cables)
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
        if (fresh && !box.Sized)
        {
            yield return new(CutCase.SizeAsk, CutWeight.Ask, box.Side, Box: box.Id);
        }

        var layers = Transfer.Layers(box.Side == WallSide.Near ? plan.Wall.Layers : plan.Wall.BehindLayers);
        if (box.Box.Shape is BoxShape.Surface or BoxShape.Weatherproof)
        {
            yield break;
        }

        if (layers is not { } on || plan.Wall.StudDepth.OrNull is not { } space || BoxDepth.Depth(box.Box) is not { } deep)
        {
            if (fresh)
            {
                yield return new(CutCase.DepthAsk, CutWeight.Ask, box.Side, Box: box.Id);
            }

            yield break;
        }

        var left = on + space - deep;
        yield return left < Length.Zero
            ? new(CutCase.TooDeep, CutWeight.Stop, box.Side, Box: box.Id, Way: Length.Zero - left)
            : new(CutCase.Behind, CutWeight.Tell, box.Side, Box: box.Id, Way: left);
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
                OnFace(thing.Kind, thing.Side)
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

        foreach (var other in plan.Boxes.Where(b => b.Id != box.Id && b.Side == box.Side && b.At.IsPlaced))
        {
            var (theirWide, theirHigh) = WallBook.Plate(PlateSize.Standard, Math.Max(1, other.Box.Gangs));
            var (a, u) = (other.At.Across!, other.At.Up!);
            a = a.Wider(WallSizes.Half(theirWide - a.Size));
            u = u.Wider(WallSizes.Half(theirHigh - u.Size));
            if (Beside.Apart(wide, high, a, u) is var lap && lap < Length.Zero && !other.At.Across!.Meets(across))
            {
                yield return new(CutCase.Plates, CutWeight.Fix, box.Side, Box: other.Id, Way: Length.Zero - lap);
            }
        }
    }

    /// <summary>What a plate cannot lie on; a pipe only where it stands on a face.</summary>
    private static bool OnFace(WallThingKind kind, WallSide? side) =>
        kind is WallThingKind.Trim or WallThingKind.Cabinet or WallThingKind.Counter or WallThingKind.Door or WallThingKind.Window
        || (kind == WallThingKind.Pipe && side is not null);

    /// <summary>What is recorded in this wall, and nobody knows where: the saw may find it.</summary>
    private IEnumerable<CutNote> Lost() =>
        fresh
            ?
            [
                .. plan
                    .Lost.Where(t => Meets(plan.Wall.Things[t].Kind) is not null)
                    .Select(t => new CutNote(CutCase.Lost, CutWeight.Ask, Thing: t)),
                .. plan.Unplaced.Where(b => b != box.Id).Select(b => new CutNote(CutCase.Lost, CutWeight.Ask, Box: b)),
            ]
            : [];

    /// <summary>Whether somebody looked at all of the cut, from each face.</summary>
    private IEnumerable<CutNote> Looked()
    {
        if (!fresh)
        {
            yield break;
        }

        foreach (var face in Enum.GetValues<WallSide>())
        {
            var layers = face == WallSide.Near ? plan.Wall.Layers : plan.Wall.BehindLayers;
            yield return plan.Things.FirstOrDefault(t => LookedInto(t.Key, t.Value, face)).Key is { } id
                ? new(CutCase.Looked, CutWeight.Tell, face, id)
            : layers.Count > 0 && layers.All(l => l.ToCome) ? new(CutCase.OpenFace, CutWeight.Tell, face)
            : new(CutCase.NobodyLooked, CutWeight.Ask, face);
        }
    }

    /// <summary>A part that was looked into counts where all of the hole lies in it, by numbers that were read; a guess is no
    /// look.</summary>
    private bool LookedInto(string id, Extent at, WallSide face) =>
        plan.Wall.Things[id] is { Kind: WallThingKind.Looked, How: not FoundHow.Guessed } looked
        && (looked.Side ?? WallSide.Near) == face
        && at is { Across: { Sure: true } a, Up: { Sure: true } u }
        && Holds(a, across)
        && Holds(u, up);

    private static bool Holds(Stretch whole, Stretch part) => whole.Low <= part.Low && whole.High >= part.High;
}
