using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Fill;

/// <summary>A common addition, and whether it would still fit.</summary>
/// <param name="Adds">What it adds to the sum, in³.</param>
/// <param name="Left">Left afterwards, in³; below zero is over by that much.</param>
/// <param name="Lines">Kinds of fill line it adds to, so that a ghost can be drawn.</param>
public sealed record Addition(string Id, Fit Fit, VolumeSpan Adds, VolumeSpan Left, IReadOnlyList<FillKind> Lines);

/// <summary>What would still fit among common additions; in a box that partitions divide, in the space with the most left.</summary>
public static class StillFits
{
    private static readonly (string Id, Func<FillInput, int, FillInput> With)[] Common =
    [
        ("cable-14-2", (i, s) => Cable(i, s, 14, 2)),
        ("cable-14-3", (i, s) => Cable(i, s, 14, 3)),
        ("cable-12-2", (i, s) => Cable(i, s, 12, 2)),
        ("cable-12-3", (i, s) => Cable(i, s, 12, 3)),
        ("cable-10-2", (i, s) => Cable(i, s, 10, 2)),
        ("device", (i, s) => i with { Devices = [.. i.Devices, new FillDevice(default, 1, Largest(i), [], s)] }),
        ("lead", (i, s) =>
            i with
            {
                Conductors = [.. i.Conductors, new FillConductor(Largest(i) ?? Gauge.Awg(14), 1, LeadForm.Ended, null, [], s)],
            }
        ),
    ];

    public static IReadOnlyList<Addition> Try(FillInput input, CodeProfile profile, HousePractice practice)
    {
        var limits = LimitTable.For(profile);
        var text = practice.With(PracticeBook.LongLeads.Key, null);
        var before = FillLines.Count(input, limits, text);
        var available = BoxFill.AvailableIn(input);
        return
        [
            .. Common.Select(addition =>
                Enumerable
                    .Range(0, input.Shares.Count)
                    .Select(space => In(space, addition.Id, addition.With(input, space), before, available, limits, text))
                    .MaxBy(a => a.Left.Low.CubicInches)!
            ),
        ];
    }

    private static Addition In(
        int space,
        string id,
        FillInput after,
        IReadOnlyList<FillLine> before,
        VolumeSpan all,
        LimitTable limits,
        HousePractice text
    )
    {
        var was = BoxFill.Sum(before.Where(l => l.Space == space));
        var counted = BoxFill.Sum(FillLines.Count(after, limits, text).Where(l => l.Space == space));
        var available = BoxFill.Share(all, after.Shares[space]);
        var needed = after.Contents == Contents.Complete ? counted : VolumeSpan.AtLeast(counted.Low);
        var fit = after.ByCount ? BoxFill.Decide(after.Contents, needed, available) : Fit.ByListing;
        IReadOnlyList<FillKind> touches = id switch
        {
            "device" => [FillKind.Device],
            "lead" => [FillKind.Conductors],
            _ => [FillKind.Conductors, FillKind.Grounds],
        };
        return new(
            id,
            fit,
            new(counted.Low - was.Low, counted.High - was.High),
            new(available.Low - (needed.High ?? needed.Low), available.High - needed.Low),
            touches
        );
    }

    private static FillInput Cable(FillInput input, int space, int gauge, int conductors) =>
        input with
        {
            Conductors = [.. input.Conductors, new FillConductor(Gauge.Awg(gauge), conductors, LeadForm.Ended, null, [], space)],
            Grounds = [.. input.Grounds, new FillGround(Gauge.Awg(gauge), 1, true, false, null, [], space)],
        };

    private static Gauge? Largest(FillInput input) =>
        input.Conductors.Where(c => c.Count > 0).Select(c => c.Gauge).OfType<Gauge>().Select(g => (Gauge?)g).DefaultIfEmpty(null).Max();
}
