using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Walls;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Walls;

/// <summary>Words of drilling, and of setting a box for boards to come.</summary>
internal static class DrillWords
{
    /// <summary>Bits one drills studs with.</summary>
    private static readonly Length[] Bits = [Length.Inches(0, 3, 4), Length.Inches(1), Length.Inches(1, 1, 2)];

    public static IEnumerable<string> Tell(Wall wall, LimitTable limits)
    {
        if (wall.StudDepth.OrNull is not { } depth)
        {
            yield return "How deep the studs are is not recorded: measure before you drill.";
            yield break;
        }

        if (wall.Kind != FaceKind.Wall)
        {
            yield return $"Joists of {depth}: they carry. Ask whoever answers for the structure before you drill or notch one.";
            yield break;
        }

        var bore = Bore.In(depth, wall.Bears, limits);
        var bears = wall.Bears switch
        {
            true => "a wall that bears",
            false => "a wall that does not bear",
            null => "a wall that may bear",
        };
        var edge = limits.Inches("cable.edge");
        yield return bore.Bare > Length.Zero
            ? $"Hole in the middle of a {depth.Nominal} in stud: up to {bore.Bare} without a plate ({edge} to each edge, 300.4(A)(1))."
            : $"A {depth.Nominal} in stud leaves no {edge} to either edge: every hole wants a plate (300.4(A)(1)).";
        yield return $"By the building code up to {Cut(bore.Building)} of {bears} (IRC R602.6, from memory: verify).";
        foreach (var bit in Bits)
        {
            var asked = BoreAsked.Of(depth, bit, Length.Zero, wall.Bears, limits);
            if (asked.ToEdge > Length.Zero)
            {
                yield return asked switch
                {
                    { TooLarge: true } => $"{bit.Nominal} in bit: over the building code's share: a stud shoe, or a smaller hole.",
                    { Plate: true } => $"{bit.Nominal} in bit: {asked.ToEdge} to each edge: a plate.",
                    _ => $"{bit.Nominal} in bit: {asked.ToEdge} to each edge; off the middle by more than "
                        + $"{asked.ToEdge - edge}, a plate.",
                };
            }
        }

        yield return $"Notch up to {Cut(bore.Notch)}, and a steel plate over the cable in it (300.4(A)(2)).";
        yield return "Two cables of two conductors in a hole keep their rating; more are adjusted where the hole is sealed (334.80).";
        yield return "A drill through a plate comes out in the floor or wall beyond: look there first. Close holes in fire blocking.";
    }

    public static IEnumerable<string> Set(string face, IReadOnlyList<WallLayer> layers, CodeProfile profile)
    {
        var coming = layers.Where(l => l.ToCome).ToList();
        if (coming.Count == 0)
        {
            yield break;
        }

        if (Transfer.Layers(coming) is not { } thick)
        {
            yield return $"{face}: how thick what is to come is, nobody said.";
            yield break;
        }

        if (coming.Count < layers.Count)
        {
            var later = Projection.Set(thick, Length.Zero, layers[0].Combustible, profile);
            yield return $"{face}: boxes that are flush now will be {later.Back} behind the face, where {later.Most} is allowed: "
                + (later.Ring > Length.Zero ? $"an extension ring of {later.Ring} or deeper." : "no ring is needed.");
            yield break;
        }

        var set = Projection.For(thick, layers[0].Combustible, profile);
        yield return $"{face}: set boxes {set.Out} out of the bare studs for {thick} to come"
            + (
                set.Back > Length.Zero
                    ? $"; they are then {set.Back} behind the face, where {set.Most} is allowed."
                    : ", flush with the face."
            )
            + (layers[0].Combustible ? " The face burns: flush, 314.20." : "")
            + " A stud that twists takes board off it: sight along it first.";
    }

    /// <summary>A share of a depth, cut to a sixteenth: a hole is never drilled larger.</summary>
    private static Length Cut(Length length)
    {
        var step = Length.UnitsPerInch / 16;
        return Length.FromUnits(length.Units / step * step);
    }
}
