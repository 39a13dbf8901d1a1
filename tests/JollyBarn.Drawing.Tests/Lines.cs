namespace JollyBarn.Drawing.Tests;

/// <summary>Plane geometry of strands, written apart from the drawing's own: they are lines of upright and level pieces.</summary>
internal static class Lines
{
    public static IEnumerable<(Spot A, Spot B)> Pieces(Strand strand) =>
        strand.Points.Zip(strand.Points.Skip(1)).Where(p => p.First != p.Second);

    /// <summary>Points where two strands cross: an upright piece of one through a level piece of the other.</summary>
    public static IReadOnlyList<Spot> Crossings(Strand a, Strand b) =>
        [.. Pieces(a).SelectMany(p => Pieces(b).Select(q => Crossing(p, q) ?? Crossing(q, p))).OfType<Spot>()];

    public static double Distance(Spot p, (Spot A, Spot B) piece)
    {
        var (dx, dy) = (piece.B.X - piece.A.X, piece.B.Y - piece.A.Y);
        var along = ((p.X - piece.A.X) * dx + (p.Y - piece.A.Y) * dy) / (dx * dx + dy * dy);
        var t = Math.Clamp(along, 0, 1);
        return Math.Sqrt(Math.Pow(p.X - piece.A.X - t * dx, 2) + Math.Pow(p.Y - piece.A.Y - t * dy, 2));
    }

    public static double Distance(Spot a, Spot b) => Math.Sqrt(Math.Pow(a.X - b.X, 2) + Math.Pow(a.Y - b.Y, 2));

    /// <summary>Points along a strand, no further apart than a step.</summary>
    public static IEnumerable<Spot> Along(Strand strand, double step = 3) =>
        Pieces(strand)
            .SelectMany(p =>
            {
                var n = (int)Math.Ceiling(Distance(p.A, p.B) / step);
                return Enumerable.Range(0, n + 1).Select(i => new Spot(p.A.X + (p.B.X - p.A.X) * i / n, p.A.Y + (p.B.Y - p.A.Y) * i / n));
            });

    public static bool Crosses(Strand strand, Area area)
    {
        var half = strand.Width / 2;
        return Pieces(strand)
            .Any(p =>
                new Area(
                    Math.Min(p.A.X, p.B.X) - half,
                    Math.Min(p.A.Y, p.B.Y) - half,
                    Math.Abs(p.A.X - p.B.X) + strand.Width,
                    Math.Abs(p.A.Y - p.B.Y) + strand.Width
                ).Meets(area)
            );
    }

    private static Spot? Crossing((Spot A, Spot B) upright, (Spot A, Spot B) level) =>
        upright.A.X == upright.B.X
        && level.A.Y == level.B.Y
        && Math.Min(level.A.X, level.B.X) < upright.A.X
        && upright.A.X < Math.Max(level.A.X, level.B.X)
        && Math.Min(upright.A.Y, upright.B.Y) < level.A.Y
        && level.A.Y < Math.Max(upright.A.Y, upright.B.Y)
            ? new Spot(upright.A.X, level.A.Y)
            : null;
}
