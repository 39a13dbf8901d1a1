using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Walls;

/// <summary>A length one can read off a tape for a box.</summary>
/// <param name="Tape">Where it is held, and the length.</param>
/// <param name="Start">Where that is on the wall: from the left corner, or from its floor.</param>
/// <param name="Back">True where the tape goes back from there: from the right corner and the ceiling.</param>
/// <param name="Sure">False where something on the way was guessed.</param>
/// <param name="Used">True for the one it is recorded by.</param>
public sealed record WallNumber(Tape Tape, bool Up, Length Start, bool Back, Length Way, bool Sure, bool Used);

/// <summary>All that a box can be measured from, so that choosing another start moves no box.</summary>
public static class WallNumbers
{
    /// <returns>Across first, the recorded one foremost; empty for a box with no place.</returns>
    public static IReadOnlyList<WallNumber> Of(WallPlan plan, BoxOnWall box)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(box);
        var spot = box.Box.Spot!;
        return [.. Axis(plan, box, spot.Across, false), .. Axis(plan, box, spot.Up, true)];
    }

    private static IEnumerable<WallNumber> Axis(WallPlan plan, BoxOnWall box, Tape used, bool up)
    {
        if ((up ? box.At.Up : box.At.Across) is null)
        {
            yield break;
        }

        if (Number(plan, box, used, up, true) is { } recorded)
        {
            yield return recorded;
        }

        foreach (var tape in (up ? Upward(plan, box) : Sideways(plan, box)).Select(t => t with { To = used.To }).Where(t => !Same(t, used)))
        {
            if (Number(plan, box, tape, up, false) is { } number)
            {
                yield return number;
            }
        }
    }

    private static WallNumber? Number(WallPlan plan, BoxOnWall box, Tape tape, bool up, bool used) =>
        plan.Start(tape, up, box.Side, box.At.Across?.Middle) is { } start && plan.From(tape, box.At, up, box.Side) is { } now
            ? new(used ? tape : now, up, start.At, start.Back, now.Way.Value!.Value, now.Way.How == Known.Measured, used)
            : null;

    private static IEnumerable<Tape> Sideways(WallPlan plan, BoxOnWall box)
    {
        yield return new(TapeStart.LeftCorner, Fact<Length>.Unknown);
        yield return new(TapeStart.RightCorner, Fact<Length>.Unknown);
        if (box.At.Across is not { } at)
        {
            yield break;
        }

        foreach (var low in new[] { true, false })
        {
            var edges = plan
                .Things.Where(t =>
                    plan.Wall.Things[t.Key] is { Across: not null } thing && Shared(thing.Kind) && t.Value.Across is not null
                )
                .Where(t => !plan.Leans(TapeStart.Thing, t.Key, box.Id, false))
                .Where(t => low ? t.Value.Across!.High <= at.Middle : t.Value.Across!.Low >= at.Middle)
                .OrderBy(t => low ? at.Low - t.Value.Across!.High : t.Value.Across!.Low - at.High)
                .Take(2);
            foreach (var edge in edges)
            {
                yield return new(TapeStart.Thing, Fact<Length>.Unknown, Of: edge.Key, Edge: low ? TapeTo.High : TapeTo.Low);
            }

            var next = Others(plan, box, false)
                .Where(b => b.At.Across is not null && (low ? b.At.Across.Middle < at.Middle : b.At.Across.Middle > at.Middle))
                .MinBy(b => low ? at.Middle - b.At.Across!.Middle : b.At.Across!.Middle - at.Middle);
            if (next is not null)
            {
                yield return new(TapeStart.Box, Fact<Length>.Unknown, Of: next.Id, Edge: low ? TapeTo.High : TapeTo.Low);
            }
        }
    }

    private static IEnumerable<Tape> Upward(WallPlan plan, BoxOnWall box)
    {
        yield return new(TapeStart.FinishedFloor, Fact<Length>.Unknown);
        if (plan.Wall.FloorBuildUp.OrNull is { Units: > 0 } && box.Side == WallSide.Near)
        {
            yield return new(TapeStart.FloorNow, Fact<Length>.Unknown);
        }

        yield return new(TapeStart.Ceiling, Fact<Length>.Unknown);
        var mate = Others(plan, box, true)
            .Where(b => b.At.IsPlaced)
            .MinBy(b => Math.Abs((b.At.Across!.Middle - (box.At.Across?.Middle ?? Length.Zero)).Units));
        if (mate is not null)
        {
            yield return new(TapeStart.Box, Fact<Length>.Unknown, Of: mate.Id, Edge: box.Box.Spot!.Up.To);
        }
    }

    /// <summary>Boxes it may be measured from: none that is itself measured from it, by however many tapes.</summary>
    private static IEnumerable<BoxOnWall> Others(WallPlan plan, BoxOnWall box, bool up) =>
        plan.Boxes.Where(b => b.Id != box.Id && !plan.Leans(TapeStart.Box, b.Id, box.Id, up));

    /// <summary>What stands still and has an edge.</summary>
    private static bool Shared(WallThingKind kind) =>
        kind
            is WallThingKind.Door
                or WallThingKind.Window
                or WallThingKind.Stud
                or WallThingKind.ThinHole
                or WallThingKind.Trim
                or WallThingKind.Cabinet;

    private static bool Same(Tape a, Tape b) => a.From == b.From && a.Of == b.Of && a.Edge == b.Edge;
}

/// <summary>What a row of boxes keeps level.</summary>
/// <param name="Boxes">From the left.</param>
/// <param name="Off">How far the highest and the lowest are apart.</param>
public sealed record WallRow(TapeTo Edge, IReadOnlyList<Id<Box>> Boxes, Length Off, WallSide Side)
{
    /// <summary>Rows of two boxes or more on one face, by the edge they keep best.</summary>
    public static IReadOnlyList<WallRow> Of(WallPlan plan, HousePractice house)
    {
        ArgumentNullException.ThrowIfNull(plan);
        var within = Length.FromInches(WallBook.Row.Of(house));
        var rows = new List<WallRow>();
        foreach (var face in plan.Boxes.Where(b => b.At.IsPlaced).GroupBy(b => b.Side))
        {
            var left = face.OrderBy(b => b.At.Across!.Low).ToList();
            while (left.Count > 1)
            {
                var row = Enum.GetValues<TapeTo>()
                    .Select(e => (Edge: e, Boxes: left.Where(b => Near(b, left[0], e, within)).ToList()))
                    .Select(r => (r.Edge, r.Boxes, Off: Spread(r.Boxes, r.Edge)))
                    .OrderByDescending(r => r.Boxes.Count)
                    .ThenBy(r => r.Off.Units)
                    .First();
                if (row.Boxes.Count > 1)
                {
                    rows.Add(new(row.Edge, [.. row.Boxes.Select(b => b.Id)], row.Off, face.Key));
                }

                left = [.. left.Except(row.Boxes, ReferenceEqualityComparer.Instance).Cast<BoxOnWall>()];
            }
        }

        return rows;
    }

    private static bool Near(BoxOnWall box, BoxOnWall first, TapeTo edge, Length within) =>
        box == first || Math.Abs((box.At.Up!.At(edge) - first.At.Up!.At(edge)).Units) <= within.Units;

    private static Length Spread(List<BoxOnWall> boxes, TapeTo edge) =>
        Length.FromUnits(boxes.Max(b => b.At.Up!.At(edge).Units) - boxes.Min(b => b.At.Up!.At(edge).Units));
}
