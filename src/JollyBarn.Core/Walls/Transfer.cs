using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Walls;

/// <summary>One way to carry the middle of a box to the face behind.</summary>
/// <param name="By">The edge both faces share, as it is on the near one.</param>
/// <param name="Near">From it to the middle of the box, on the near face.</param>
/// <param name="Wider">How much farther from the box that edge stands on the far face; null while nobody measured both.</param>
/// <param name="Far">From it to the middle, on the far face; null until that is measured.</param>
/// <param name="Off">How far the mark may be off; null where the thickness of the wall is not known and matters.</param>
public sealed record TransferBy(Tape By, Length Near, Length? Wider, Length? Far, Length? Off, bool Sure);

/// <summary>A mark carried through a wall.</summary>
/// <param name="Ways">From the one that may be off least; those that lack a measurement last.</param>
/// <param name="Height">From the floor or ground of the far face to the edge the box is measured to; null where its fall is not
/// known.</param>
/// <param name="OffUp">How far that may be off.</param>
public sealed record Transfer(IReadOnlyList<TransferBy> Ways, Length? Height, Length OffUp)
{
    /// <summary>The mark of a box on the other face.</summary>
    /// <remarks>By an edge: a tape on each face. By a thin hole: the same, and what the drill leans through the wall.
    /// <em>Practice</em>.</remarks>
    public static Transfer Of(WallPlan plan, BoxOnWall box, HousePractice house)
    {
        ArgumentNullException.ThrowIfNull(plan);
        ArgumentNullException.ThrowIfNull(box);
        var tape = Length.FromInches(WallBook.Tape.Of(house));
        var ways = box.At.Across is { } at ? Edges(plan, at).Select(e => By(e, at)).ToList() : [];
        var height =
            box.At.Up is { } up && plan.Wall.FarFloor.OrNull is not null ? Other(plan, box, up.At(box.Box.Spot!.Up.To)) : (Length?)null;
        return new(
            [.. ways.OrderBy(w => w.Far is null || w.Off is null).ThenBy(w => w.Off?.Units ?? 0).ThenBy(w => Math.Abs(w.Near.Units))],
            height,
            tape + Length.FromInches(WallBook.Level.Of(house))
        );

        TransferBy By((Tape By, Length Near, Length? Wider, bool Sure, bool Hole) edge, Stretch box)
        {
            var right = box.Middle > edge.Near;
            var near = right ? box.Middle - edge.Near : edge.Near - box.Middle;
            var off =
                !edge.Hole ? tape + tape
                : Thick(plan) is { } thick ? tape + tape + Length.FromInches(WallBook.Lean.Of(house) * thick.InInches)
                : (Length?)null;
            return new(edge.By, near, edge.Wider, edge.Wider is { } wider ? near + wider : null, off, edge.Sure && box.Sure);
        }
    }

    /// <summary>Face to face: its layers and studs; null where one of them is not known.</summary>
    public static Length? Thick(WallPlan plan)
    {
        ArgumentNullException.ThrowIfNull(plan);
        return Layers(plan.Wall.Layers) is { } near && Layers(plan.Wall.BehindLayers) is { } far && plan.Wall.StudDepth.OrNull is { } deep
            ? near + deep + far
            : null;
    }

    /// <summary>Thickness of all layers of a face; null where one is not known, or none is recorded.</summary>
    public static Length? Layers(IReadOnlyList<WallLayer> layers) =>
        layers.Count > 0 && layers.All(l => l.Thickness.OrNull is not null)
            ? WallSizes.Within(layers.Sum(l => l.Thickness.OrNull!.Value.Units))
            : null;

    private static Length Other(WallPlan plan, BoxOnWall box, Length up)
    {
        var other = box.Side == WallSide.Near ? WallSide.Far : WallSide.Near;
        return up - plan.Floor(other, true, box.At.Across?.Middle ?? Length.Zero);
    }

    private static IEnumerable<(Tape By, Length Near, Length? Wider, bool Sure, bool Hole)> Edges(WallPlan plan, Stretch box)
    {
        yield return (new(TapeStart.LeftCorner, Fact<Length>.Unknown), Length.Zero, plan.Wall.LeftFar.OrNull, true, false);
        if (plan.Wide is { } wide)
        {
            yield return (new(TapeStart.RightCorner, Fact<Length>.Unknown), wide, plan.Wall.RightFar.OrNull, true, false);
        }

        foreach (var (id, extent) in plan.Things)
        {
            var thing = plan.Wall.Things[id];
            if (thing.Across is null || extent.Across is not { } at)
            {
                continue;
            }

            if (thing.Kind is WallThingKind.Door or WallThingKind.Window)
            {
                var right = box.Middle > at.Middle;
                yield return (
                    new(TapeStart.Thing, Fact<Length>.Unknown, Of: id, Edge: right ? TapeTo.High : TapeTo.Low),
                    right ? at.High : at.Low,
                    (right ? thing.RightFar : thing.LeftFar).OrNull,
                    at.Sure,
                    false
                );
            }
            else if (thing.Kind == WallThingKind.ThinHole)
            {
                yield return (new(TapeStart.Thing, Fact<Length>.Unknown, Of: id), at.Middle, Length.Zero, at.Sure, true);
            }
        }
    }
}
