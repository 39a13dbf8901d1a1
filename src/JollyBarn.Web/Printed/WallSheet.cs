using JollyBarn.Measures;
using JollyBarn.Telling.Walls;
using JollyBarn.Wiring;

namespace JollyBarn.Web.Printed;

/// <summary>A wall on paper: its near face to scale, each box with its numbers, and a ruler.</summary>
internal static class WallSheet
{
    private const double Margin = 36,
        Wide = 11 * Page.Inch,
        High = 8.5 * Page.Inch,
        Drawing = 400,
        List = 230;

    /// <summary>Inches of wall to one of paper that an architect's rule has.</summary>
    private static readonly int[] Scales = [8, 12, 16, 24, 32, 48, 64, 96, 128];

    public static Page Of(ToldWall wall, bool metric)
    {
        var page = new Page(Wide, High, wall.Name);
        var (long1, high) = (wall.Wide ?? Furthest(wall), wall.High ?? 96 * Length.UnitsPerInch);
        var most = Math.Min((Wide - Margin - Margin) / long1, Drawing / high);
        var to = Scales.FirstOrDefault(s => Page.Inch / (s * Length.UnitsPerInch) <= most, Scales[^1]);
        var scale = Page.Inch / (to * Length.UnitsPerInch);
        double X(long units) => Margin + (units * scale);
        double Y(long units) => Margin + 30 + ((high - units) * scale);
        page.Text(Margin, Margin, wall.Name, 14, true);
        page.Text(Margin, Margin + 13, $"{wall.From}. 1 in on paper is {to} in on the wall.", 8);
        page.Box(X(0), Y(high), long1 * scale, high * scale, Stroke.Heavy);
        if (wall.ToCome > 0)
        {
            page.Line(X(0), Y(wall.ToCome), X(long1), Y(wall.ToCome), Stroke.Dashed);
        }

        foreach (var stud in wall.Guessed)
        {
            page.Line(X(stud.Left), Y(0), X(stud.Left), Y(high), Stroke.Dashed);
            page.Line(X(stud.Right), Y(0), X(stud.Right), Y(high), Stroke.Dashed);
        }

        var line = 0;
        foreach (var thing in wall.Things.Where(t => t.At is not null && t.Kind != WallThingKind.Looked))
        {
            Area(page, thing.At!, thing.Sure ? Stroke.Plain : Stroke.Dashed, thing.Kind is WallThingKind.Pipe or WallThingKind.Duct);
            if (!thing.Plain || thing.Kind != WallThingKind.Stud)
            {
                // Each name on a line of its own, so that neighbours do not lie on each other.
                page.Text(X(thing.At!.Left) + 2, Math.Min(Y(thing.At.Top) + 9 + (9 * (line++ % 4)), Y(thing.At.Bottom) - 2), thing.Name, 7);
            }
        }

        foreach (var cable in wall.Inferred)
        {
            for (var i = 0; i + 3 < cable.Corners.Count; i += 2)
            {
                var at = cable.Corners;
                page.Line(X(at[i]), Y(at[i + 1]), X(at[i + 2]), Y(at[i + 3]), Stroke.Dashed);
            }
        }

        var beside = X(long1) + 16 + List < Wide;
        var (column, row) = beside ? (X(long1) + 16, Y(high) + 8) : (Margin, Y(0) + 30);
        var number = 0;
        foreach (var box in wall.Boxes.Where(b => b.At is not null))
        {
            number++;
            Area(page, box.At!, box.Side == WallSide.Near ? Stroke.Heavy : Stroke.Dashed, false);
            page.Text(X(box.At!.Left) + 1, Y(box.At.Top) - 3, $"{number}", 8, true);
            page.Text(column, row, $"{number}  {box.Name}", 8, true);
            foreach (var used in box.Numbers.Where(n => n.Used))
            {
                row += 10;
                page.Text(column + 10, row, used.Says + (used.Sure ? "" : " (guessed)"), 7);
            }

            row += 13;
            if (!beside && row > High - Margin - 40)
            {
                (column, row) = (column + List, Y(0) + 30);
            }
        }

        page.Ruler(Margin, High - Margin, 6, metric);
        return page;

        void Area(Page on, ToldArea at, Stroke stroke, bool filled) =>
            on.Box(X(at.Left), Y(at.Top), (at.Right - at.Left) * scale, (at.Top - at.Bottom) * scale, stroke, filled);
    }

    private static long Furthest(ToldWall wall) =>
        wall.Boxes.Select(b => b.At?.Right).Concat(wall.Things.Select(t => t.At?.Right)).Max() ?? 96 * Length.UnitsPerInch;
}

/// <summary>The hole of a box in its own size, to be held on the wall.</summary>
internal static class HoleSheet
{
    private const double Wide = 8.5 * Page.Inch,
        High = 11 * Page.Inch,
        Top = 90;

    public static Page Of(ToldWallCut cut, bool metric)
    {
        var page = new Page(Wide, High, "Hole");
        page.Text(36, 46, cut.Says, 9);
        page.Text(36, 60, "Solid: cut on the line. Dashed: what the smallest plate hides. Cross: the middle.", 9);
        var (wide, high) = (Points(cut.Hole.Right - cut.Hole.Left), Points(cut.Hole.Top - cut.Hole.Bottom));
        var (x, y) = ((Wide - wide) / 2, Top + 60);
        page.Box(x, y, wide, high, Stroke.Heavy);
        if (cut.Plate is { } plate)
        {
            page.Box(
                x - Points(cut.Hole.Left - plate.Left),
                y - Points(plate.Top - cut.Hole.Top),
                Points(plate.Right - plate.Left),
                Points(plate.Top - plate.Bottom),
                Stroke.Dashed
            );
        }

        var (middle, centre) = (x + (wide / 2), y + (high / 2));
        page.Line(middle - 14, centre, middle + 14, centre);
        page.Line(middle, centre - 14, middle, centre + 14);
        var line = y + high + 100;
        foreach (var corner in cut.Corners)
        {
            page.Text(36, line, corner, 9);
            line += 13;
        }

        page.Ruler(36, High - 40, 7, metric);
        return page;
    }

    private static double Points(long units) => units * Page.Inch / Length.UnitsPerInch;
}
