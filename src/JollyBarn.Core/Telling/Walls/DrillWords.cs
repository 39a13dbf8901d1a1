using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Walls;
using JollyBarn.Wiring;

namespace JollyBarn.Telling.Walls;

/// <summary>Words of drilling, and of setting a box for boards to come.</summary>
internal static class DrillWords
{
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
        yield return bore.Bare > Length.Zero
            ? $"Hole in the middle of a {depth.Nominal} in stud: up to {bore.Bare} without a plate (1 1/4 in to each edge, 300.4(A)(1))."
            : $"A {depth.Nominal} in stud leaves no 1 1/4 in to either edge: every hole wants a plate (300.4(A)(1)).";
        yield return $"By the building code up to {Cut(bore.Building)} of {bears} (IRC R602.6, from memory: verify).";
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
