using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Fill;

/// <summary>Box fill, NEC 314.16, for 2017, 2020 and 2023.</summary>
public static class BoxFill
{
    /// <summary>The lines, the sum and whether it fits.</summary>
    /// <remarks>Two 12-2 and one 12-3 with one device, no clamps, 22.5 in³ mark: 7 + 1 + 2 = 10 allowances of 2.25, exactly full,
    /// fits.</remarks>
    public static FillAnswer Evaluate(FillInput input, CodeProfile profile, HousePractice practice)
    {
        var limits = LimitTable.For(profile);
        var text = practice.With(PracticeBook.LongLeads.Key, null);
        var lines = FillLines.Count(input, limits, text);
        var available = AvailableIn(input);
        var spaces = input
            .Shares.Select((share, i) => Space(input, i, Sum(lines.Where(l => l.Space == i)), Share(available, share)))
            .ToList();
        var worst = spaces.OrderByDescending(s => Rank(s.Fit)).ThenBy(s => s.Left.Low.CubicInches).First();
        var outOfScope = GaugesOf(input).Any(g => !FillLimits.Gauges.Contains(g));
        var fit =
            !input.ByCount ? Fit.ByListing
            : outOfScope ? Fit.OutOfScope
            : worst.Fit;
        return new FillAnswer(
            fit,
            worst.Needed,
            worst.Available,
            worst.Left,
            lines,
            input.Housing,
            spaces,
            fit is Fit.CannotTell or Fit.NotOpened ? Asks(input, available, worst) : [],
            Practices(input, limits, practice, spaces, fit),
            Printed(input, limits),
            input.Housing.Any(h => h.Estimate)
        );
    }

    /// <summary>Needed and verdict only, for searching many boxes.</summary>
    internal static (VolumeSpan Needed, Fit Fit) Quick(FillInput input, LimitTable limits, HousePractice practice, VolumeSpan available)
    {
        var needed = Sum(FillLines.Count(input, limits, practice));
        return (needed, Decide(input.Contents, needed, available));
    }

    internal static VolumeSpan Sum(IEnumerable<FillLine> lines) =>
        lines.Aggregate(VolumeSpan.Exactly(Volume.Zero), (sum, line) => sum + line.Volume);

    internal static Fit Decide(Contents contents, VolumeSpan needed, VolumeSpan available)
    {
        if (available.High is { } most && needed.Low > most)
        {
            return Fit.Over;
        }

        if (contents == Contents.NotOpened)
        {
            return Fit.NotOpened;
        }

        if (needed.High is not { } high || high > available.Low)
        {
            return Fit.CannotTell;
        }

        return needed.IsExact && available.IsExact && needed.Low == available.Low ? Fit.ExactlyFull : Fit.Fits;
    }

    internal static VolumeSpan AvailableIn(FillInput input) =>
        input.Housing.Aggregate(VolumeSpan.Exactly(Volume.Zero), (sum, part) => sum + part.Volume);

    private static FillSpace Space(FillInput input, int space, VolumeSpan counted, VolumeSpan available)
    {
        var needed = input.Contents == Contents.Complete ? counted : VolumeSpan.AtLeast(counted.Low);
        return new FillSpace(space, needed, available, Left(available, needed), Decide(input.Contents, needed, available));
    }

    /// <summary>Least left is least available less most needed; with nothing bounding what is needed, the least left is unbounded and shown
    /// against what is known.</summary>
    private static VolumeSpan Left(VolumeSpan available, VolumeSpan needed) =>
        new(available.Low - (needed.High ?? needed.Low), available.High is { } high ? high - needed.Low : null);

    internal static VolumeSpan Share(VolumeSpan all, decimal share) =>
        share == 1m ? all : new(share * all.Low, all.High is { } high ? share * high : null);

    private static int Rank(Fit fit) =>
        fit switch
        {
            Fit.Over => 4,
            Fit.CannotTell => 3,
            Fit.NotOpened => 2,
            Fit.ExactlyFull => 1,
            _ => 0,
        };

    private static IEnumerable<Gauge> GaugesOf(FillInput input) =>
        input
            .Conductors.Where(c => c.Count > 0)
            .Select(c => c.Gauge)
            .Concat(input.Grounds.Where(g => g.Count > 0).Select(g => g.Gauge))
            .OfType<Gauge>()
            .Concat(input.OtherGauges);

    private static List<FillAsk> Asks(FillInput input, VolumeSpan available, FillSpace worst)
    {
        var asks = new List<FillAsk>();
        if (input.Contents == Contents.NotOpened)
        {
            asks.Add(new(FillAskCase.NotOpened));
        }

        if (!available.IsExact)
        {
            asks.AddRange(input.Housing.Where(h => !h.Volume.IsExact).Select(h => new FillAsk(FillAskCase.VolumeOf, h)));
        }

        if (input.Contents == Contents.Partial)
        {
            asks.Add(new(FillAskCase.RestOfIt));
        }

        if (worst.Needed.High != worst.Needed.Low)
        {
            if (input.Conductors.Any(c => c.Count > 0 && c.Gauge is null) || input.Grounds.Any(g => g.Count > 0 && g.Gauge is null))
            {
                asks.Add(new(FillAskCase.Gauges));
            }

            if (input.Clamps.Contains(Maybe.Unknown))
            {
                asks.Add(new(FillAskCase.Clamps));
            }

            if (input.Conductors.Any(c => c.Form == LeadForm.Loop && c.Length is null))
            {
                asks.Add(new(FillAskCase.LoopLength));
            }
        }

        return asks;
    }

    private static List<PracticeEffect> Practices(
        FillInput input,
        LimitTable limits,
        HousePractice practice,
        List<FillSpace> spaces,
        Fit fit
    )
    {
        var question = PracticeBook.LongLeads;
        var effects = new List<PracticeEffect>();
        var from = limits.Inches("fill.loop.length");
        if (
            practice.Says(question, question.Default)
            && !input.Conductors.Any(c => c.Length >= from)
            && !input.Grounds.Any(g => g.Length >= from)
        )
        {
            return effects;
        }

        foreach (var choice in question.Choices.Skip(1))
        {
            var asked = practice.Answer(question) == choice.Value;
            var lines = FillLines.Count(input, limits, practice.With(question.Key, choice.Value));
            var counted = spaces
                .Select(s => Space(input, s.Space, Sum(lines.Where(l => l.Space == s.Space)), s.Available))
                .OrderByDescending(s => Rank(s.Fit))
                .ThenBy(s => s.Left.Low.CubicInches)
                .First();
            if (asked || counted.Needed != spaces.OrderByDescending(s => Rank(s.Fit)).ThenBy(s => s.Left.Low.CubicInches).First().Needed)
            {
                effects.Add(
                    new PracticeEffect(
                        question.Key,
                        choice.Value,
                        counted.Needed,
                        fit is Fit.ByListing or Fit.OutOfScope ? fit : counted.Fit
                    )
                );
            }
        }

        return effects;
    }

    private static List<PrintedCheck> Printed(FillInput input, LimitTable limits)
    {
        var checks = new List<PrintedCheck>();
        foreach (var (name, printed) in input.PrintedCounts)
        {
            if (
                Gauge.TryParse(name, out var gauge)
                && limits.Allowance(gauge) is { } each
                && AvailableIn(input) is { IsExact: true } available
            )
            {
                var computed = (int)decimal.Floor(available.Low.CubicInches / each.CubicInches);
                checks.Add(new PrintedCheck(name, printed, computed));
            }
        }

        return checks;
    }
}
