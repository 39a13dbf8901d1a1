using System.Globalization;
using JollyBarn.CodeBook;
using JollyBarn.Fill;
using JollyBarn.Measures;

namespace JollyBarn.Core.Tests;

/// <summary>NEC Table 314.16(A), metal boxes: printed volumes and maximum counts, typed from memory of the 2017 to 2023 editions
/// (Data/nec-table-314-16-a.csv).</summary>
public class Table314Tests
{
    private static readonly int[] Gauges = [18, 16, 14, 12, 10, 8, 6];

    private static readonly Dictionary<string, string> Kinds = new()
    {
        ["round or octagon|4 x 1 1/4"] = "round-4x1-1/4",
        ["round or octagon|4 x 1 1/2"] = "round-4x1-1/2",
        ["round or octagon|4 x 2 1/8"] = "round-4x2-1/8",
        ["square|4 x 1 1/4"] = "square-4x1-1/4",
        ["square|4 x 1 1/2"] = "square-4x1-1/2",
        ["square|4 x 2 1/8"] = "square-4x2-1/8",
        ["square|4 11/16 x 1 1/4"] = "square-4-11/16x1-1/4",
        ["square|4 11/16 x 1 1/2"] = "square-4-11/16x1-1/2",
        ["square|4 11/16 x 2 1/8"] = "square-4-11/16x2-1/8",
        ["device|3 x 2 x 1 1/2"] = "device-3x2x1-1/2",
        ["device|3 x 2 x 2"] = "device-3x2x2",
        ["device|3 x 2 x 2 1/4"] = "device-3x2x2-1/4",
        ["device|3 x 2 x 2 1/2"] = "device-3x2x2-1/2",
        ["device|3 x 2 x 2 3/4"] = "device-3x2x2-3/4",
        ["device|3 x 2 x 3 1/2"] = "device-3x2x3-1/2",
        ["device|4 x 2 1/8 x 1 1/2"] = "utility-4x2-1/8x1-1/2",
        ["device|4 x 2 1/8 x 1 7/8"] = "utility-4x2-1/8x1-7/8",
        ["device|4 x 2 1/8 x 2 1/8"] = "utility-4x2-1/8x2-1/8",
        ["masonry box, a gang|3 3/4 x 2 x 2 1/2"] = "masonry-1",
        ["masonry box, a gang|3 3/4 x 2 x 3 1/2"] = "masonry-deep-1",
        ["FS single cover, a gang|1 3/4 deep"] = "fs-1",
        ["FD single cover, a gang|2 3/8 deep"] = "fd-1",
        ["FS multiple cover, a gang|1 3/4 deep"] = "fs-2",
        ["FD multiple cover, a gang|2 3/8 deep"] = "fd-2",
    };

    public static TheoryData<string, decimal, int, int> Cells()
    {
        var data = new TheoryData<string, decimal, int, int>();
        foreach (
            var row in File.ReadLines(Path.Combine(AppContext.BaseDirectory, "Data", "nec-table-314-16-a.csv"))
                .Where(l => l.StartsWith('"'))
        )
        {
            var head = row.Split('"');
            var cells = head[4].Split(',', StringSplitOptions.RemoveEmptyEntries);
            for (var i = 0; i < Gauges.Length; i++)
            {
                data.Add(
                    $"{head[1]}|{head[3]}",
                    decimal.Parse(cells[0], CultureInfo.InvariantCulture),
                    Gauges[i],
                    int.Parse(cells[i + 1], CultureInfo.InvariantCulture)
                );
            }
        }

        return data;
    }

    [Fact]
    public void Every_row_of_the_table_is_a_kind_of_box() => Assert.Equal(24 * 7, Cells().Count);

    [Theory]
    [MemberData(nameof(Cells))]
    public void The_printed_count_fits_and_one_more_does_not(string row, decimal volume, int gauge, int printed)
    {
        var kind = BoxKinds.Find(Kinds[row])!;
        var gangs = Math.Max(1, row.Contains("multiple", StringComparison.Ordinal) ? kind.Gangs : 1);
        Assert.Equal(Volume.Of(volume * gangs), kind.Volume);

        // The 4 × 1 1/4 octagon prints 5 at 8 AWG, where 12.5 / 3.00 gives 4: a known oddity, so computed.
        var most = row == "round or octagon|4 x 1 1/4" && gauge == 8 ? 4 : printed;
        Assert.NotEqual(Fit.Over, Holding(kind, gauge, most * gangs));
        Assert.Equal(Fit.Over, Holding(kind, gauge, (most * gangs) + (gangs * 1)));
    }

    /// <summary>As the printed table does: conductors alone, no clamps, devices or grounds.</summary>
    private static Fit Holding(BoxKind kind, int gauge, int conductors)
    {
        var box = new PlainBox
        {
            Kind = kind.Id,
            Clamps = ClampStyle.Outside,
            Cables = [new PlainCable(conductors, Gauge.Awg(gauge), 1, 0)],
        };
        Assert.Null(box.Check());
        return BoxFill.Evaluate(box.Read(), box.Profile(), box.House()).Fit;
    }
}
