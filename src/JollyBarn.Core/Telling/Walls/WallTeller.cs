using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Inspection;
using JollyBarn.Measures;
using JollyBarn.Telling.Phrases;
using JollyBarn.Terms;
using JollyBarn.Walls;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Walls;

/// <summary>Turns a wall that is laid out into what is drawn and said.</summary>
public sealed class WallTeller
{
    private readonly Job job;
    private readonly WallPlan plan;
    private readonly CutWords cuts;
    private readonly Names names;
    private readonly LimitTable limits;
    private readonly (string By, string Now) who;

    private WallTeller(Job job, WallPlan plan, string by, string now)
    {
        (this.job, this.plan, who) = (job, plan, (by, now));
        (cuts, names, limits) = (new(job, plan.Wall), new(job), LimitTable.For(job.Profile));
    }

    /// <summary>A wall in words; null where there is no such wall.</summary>
    /// <param name="by">Whose proofs of dead count.</param>
    /// <param name="now">ISO 8601.</param>
    public static ToldWall? Tell(Job job, string id, string by, string now) =>
        WallPlan.Of(job, id) is { } plan ? new WallTeller(job, plan, by, now).All(id) : null;

    private ToldWall All(string id)
    {
        var wall = plan.Wall;
        return new(
            id,
            wall,
            wall.Name,
            cuts.Face(WallSide.Near),
            cuts.Face(WallSide.Far),
            plan.Wide?.Units,
            plan.High?.Units,
            (wall.FloorBuildUp.OrNull ?? Length.Zero).Units,
            (wall.FarFloor.OrNull ?? Length.Zero).Units,
            plan.Wide is { } wide ? plan.Floor(WallSide.Near, false, wide).Units : 0,
            [.. wall.Things.Select(t => Thing(t.Key, t.Value))],
            [.. plan.Guessed.Select(g => new ToldStud(g.Across.Low.Units, g.Across.High.Units))],
            [.. plan.Boxes.Select(Box)],
            [.. plan.Unplaced.Select(b => new ToldUnplaced(b, job.Boxes[b].Name))],
            [
                .. InferredCable
                    .Of(plan, job)
                    .Select(c => new ToldInferred(c.Run, names.Run(c.Run), [.. c.Corners.SelectMany(p => new[] { p.X.Units, p.Y.Units })])),
            ],
            [.. Enum.GetValues<WallSide>().SelectMany(Reach)],
            [.. WallRow.Of(plan, job.Practice).Select(Row)],
            [.. UsualHeight.Of(job.Practice).Select(h => new ToldHeight(h.For, h.To, h.Height, Height(h)))],
            [.. Section()],
            Transfer.Thick(plan),
            [.. DrillWords.Tell(wall, limits)],
            [
                .. Enum.GetValues<WallSide>()
                    .SelectMany(s => DrillWords.Set(cuts.Face(s), s == WallSide.Near ? wall.Layers : wall.BehindLayers, job.Profile)),
            ]
        );
    }

    private ToldOnWall Thing(string id, WallThing thing)
    {
        var at = plan.Things.GetValueOrDefault(id);
        var says = new[] { (Tape: thing.Across, Up: false), (Tape: thing.Up, Up: true) }
            .Where(t => t.Tape is not null)
            .Select(t => TapeWords.Says(job, plan.Wall, t.Tape!, t.Up));
        return new(
            id,
            thing.Kind,
            TapeWords.Name(plan.Wall, id),
            thing.How,
            thing.Side,
            at is { Across: { } across, Up: { } up } ? ToldArea.Of(Drawn(across, plan.Wide), Drawn(up, plan.High)) : null,
            at is { Across.Sure: true, Up.Sure: true },
            thing.Name is null,
            thing.Run is { } run && job.Runs.Has(run) ? names.Run(run) : null,
            [.. says]
        );
    }

    /// <summary>What goes on from end to end of a wall nobody measured is drawn over 8 ft.</summary>
    private static Stretch Drawn(Stretch at, Length? size) =>
        size is null && at == WallSizes.All(null, at.Sure) ? WallSizes.All(EightFeet, at.Sure) : at;

    private static readonly Length EightFeet = Length.Inches(96);

    private ToldWallBox Box(BoxOnWall box) =>
        new(
            box.Id,
            box.Box.Name,
            box.Side,
            box.At is { Across: { } across, Up: { } up } ? ToldArea.Of(across, up) : null,
            box.At is { Across.Sure: true, Up.Sure: true },
            box.Sized,
            BoxDepth.Depth(box.Box),
            box.Box.Spot!,
            [.. WallNumbers.Of(plan, box).Select(n => Number(n, box.Side))],
            CutLook.Of(plan, box, job) is { } cut ? Cut(cut) : null
        );

    private ToldNumber Number(WallNumber number, WallSide side)
    {
        var tape = number.Tape with { Way = number.Tape.Way with { Value = number.Way } };
        return new(
            number.Tape,
            number.Up,
            number.Start.Units,
            number.Back,
            number.Way,
            TapeWords.What(job, plan.Wall, number.Tape, number.Way, number.Up, side),
            TapeWords.Says(job, plan.Wall, tape, number.Up, side),
            number.Sure,
            number.Used
        );
    }

    private ToldWallCut Cut(CutLook cut)
    {
        var through = Transfer.Of(plan, cut.Box, job.Practice);
        var plate = cut.Plates.FirstOrDefault(p => p.Covers);
        var floor = plan.Floor(cut.Box.Side, true, cut.Across.Middle);
        var notes = cut.Notes.Select(n => new ToldCutNote(n.Case, n.Weight, n.Face, n.Thing, n.Box, n.Run, cuts.Says(n))).ToList();
        return new(
            ToldArea.Of(cut.Across, cut.Up),
            plate is null ? null : ToldArea.Of(cut.Across.Wider(plate.Aside), cut.Up.Wider(plate.Above)),
            $"Hole {cut.Across.Size.Nominal} × {cut.Up.Size}. The standard plate hides one up to {cut.LargestWidth.Nominal} × "
                + $"{cut.LargestHeight}.",
            [
                $"{TapeWords.Told(cut.Across.Low)} and {TapeWords.Told(cut.Across.High)} from the left corner, "
                    + $"as seen {cuts.Face(WallSide.Near).ToLowerInvariant()}",
                $"{TapeWords.Told(cut.Up.Low - floor)} and {TapeWords.Told(cut.Up.High - floor)} over the finished floor",
                $"Straight up or down from its middle, a drill through a plate comes out {TapeWords.Told(cut.Across.Middle)} from the left "
                    + "corner: look there first",
            ],
            notes,
            [.. cut.Plates.Select(CutWords.Plate)],
            [.. cut.Wider.Select(w => CutWords.Wider(w, cut.Box.Side))],
            [.. cuts.Before(cut, LiveInReach.Of(cut, job, who.By, who.Now))],
            [.. through.Ways.Select(Through)],
            through.Height is { } height
                ? $"On the other face its {TapeWords.Edge(cut.Box.Box.Spot!.Up.To, true)} is {TapeWords.Told(height)} "
                    + $"over the floor or ground; off by at most {through.OffUp}."
                : "How much lower the floor or ground behind is, nobody measured: carry the height by a level through an opening.",
            notes.Count(n => n.Weight is CutWeight.Stop or CutWeight.Ask)
        );
    }

    private ToldTransfer Through(TransferBy way)
    {
        var held = TapeWords.Held(job, plan.Wall, way.By, false);
        IEnumerable<string> says = way.Wider is not { } wider
            ?
            [
                $"{way.Near} from {held} to the middle. How far that edge stands off on the other face, "
                    + "nobody measured: measure both from one line.",
            ]
            :
            [
                $"{way.Near} from {held} to the middle.",
                wider.Units == 0 ? "It stands alike on both faces."
                : wider > Length.Zero ? $"On the other face it stands {wider} farther out."
                : $"On the other face it stands {TapeWords.Abs(wider)} farther in.",
                $"Mark {way.Far} from it on the other face.",
                .. way.Sure ? Array.Empty<string>() : ["Something on the way to it is guessed: measure that first."],
                way.Off is { } off ? $"Off by at most {off}." : "How far it may be off waits for the thickness of the wall: a drill leans.",
            ];
        return new(held, way.Near, way.Wider, way.Far, way.Off, way.Sure, [.. says]);
    }

    private IEnumerable<ToldReach> Reach(WallSide side)
    {
        foreach (
            var (reach, counter) in new[] { (WallReach.Floor(plan, side, limits), false), (WallReach.Counters(plan, side, limits), true) }
        )
        {
            var place = job.Places.Find(side == WallSide.Near ? plan.Wall.Place : plan.Wall.Behind);
            var asked = place is not null && WallReach.Asks(Choice.Parse<RoomUse>(place.Use ?? ""));
            if (!asked)
            {
                continue;
            }

            foreach (var outlet in reach.Spaces.SelectMany(s => s.Outlets))
            {
                var says = $"{job.Boxes[outlet.Box].Name} reaches {reach.Most} to each side.";
                yield return new(side, counter, outlet.Box, outlet.Reaches.Low.Units, outlet.Reaches.High.Units, true, says);
            }

            foreach (var gap in reach.Gaps)
            {
                var part = $"{TapeWords.Told(gap.Size)}, from {TapeWords.Told(gap.From)} to {TapeWords.Told(gap.To)} from the left corner,";
                yield return new(
                    side,
                    counter,
                    null,
                    gap.From.Units,
                    gap.To.Units,
                    gap.Open is null,
                    gap.Open switch
                    {
                        null => $"{part} that no receptacle reaches within {reach.Most}.",
                        GapOpen.Corner => $"{part} that only a receptacle round the corner could reach: look there.",
                        _ => $"{part} that no receptacle reaches whose place is known. Not every box of this wall has one, or was opened.",
                    }
                );
            }
        }
    }

    private ToldRow Row(WallRow row)
    {
        var boxes = row.Boxes.Select(b => plan.Box(b)!).ToList();
        var over = boxes
            .Select(b => b.At.Up!.At(row.Edge) - plan.Floor(row.Side, true, b.At.Across!.Middle))
            .Distinct()
            .OrderBy(h => h)
            .Select(TapeWords.Told);
        var level = row.Off.Units == 0 ? "level" : $"off level by {TapeWords.Told(row.Off)}";
        return new(
            row.Boxes,
            row.Side,
            $"{string.Join(", ", boxes.Select(b => b.Box.Name))}: {level}, {TapeWords.Edge(row.Edge, true)} "
                + $"{string.Join(" and ", over)} over the finished floor."
        );
    }

    private static string Height(UsualHeight height)
    {
        var to = TapeWords.Edge(height.To, true);
        return height.For switch
        {
            HeightFor.Receptacle => $"receptacle, {to} {height.Height}",
            HeightFor.Switch => $"switch, {to} {height.Height}",
            HeightFor.Bench => $"over a bench, {to} {height.Height}",
            _ => $"over a counter, {to} {height.Height}",
        };
    }

    private IEnumerable<ToldLayer> Section() =>
        [
            .. plan.Wall.Layers.Select(Layer),
            new("between the boards", plan.Wall.StudDepth.OrNull, true, false),
            .. plan.Wall.BehindLayers.Reverse().Select(Layer),
        ];

    private static ToldLayer Layer(WallLayer layer) => new(layer.What, layer.Thickness.OrNull, false, layer.ToCome);
}
