using JollyBarn.CodeBook;
using JollyBarn.Measures;
using JollyBarn.Wiring;

namespace JollyBarn.Fill;

/// <summary>Searches box × ring × extension × clamps for what would do instead.</summary>
/// <remarks>Only what is of the right kind for its place. Ordered: what fits; in a finished wall what needs no open one; fewest parts
/// opened; price class; volume. Price class and parts opened are ranks of <em>practice</em>.</remarks>
public static class Instead
{
    private const int Most = 8;

    public static InsteadAnswer Find(InsteadQuestion question, CodeProfile profile, HousePractice practice)
    {
        var limits = LimitTable.For(profile);
        var text = practice.With(PracticeBook.LongLeads.Key, null);
        if (question.Input.Contents != Contents.Complete)
        {
            return new([], null, 0, true);
        }

        var needs = new[] { ClampStyle.Internal, ClampStyle.Outside, ClampStyle.Flap }.ToDictionary(
            c => c,
            c => Needed(question.Input, c, limits, text)
        );
        var found = new List<InsteadOption>();
        var searched = 0;
        foreach (var candidate in Candidates(question))
        {
            searched++;
            var needed = needs[candidate.Clamps];
            var left = candidate.Available - needed;
            var fit =
                left < Volume.Zero ? Fit.Over
                : left == Volume.Zero ? Fit.ExactlyFull
                : Fit.Fits;
            found.Add(candidate with { Needed = needed, Left = left, Fit = fit });
        }

        var fits = found
            .Where(o => o.Fit != Fit.Over)
            .OrderBy(o => !o.Keeps && question.Right.Last(BoxKinds.Find(o.Box)))
            .ThenBy(o => o.Opens)
            .ThenBy(o => o.PriceClass)
            .ThenBy(o => o.Available.CubicInches)
            .ThenBy(o => o.Box, StringComparer.Ordinal)
            .ThenBy(o => o.Ring, StringComparer.Ordinal)
            .ThenBy(o => o.Extension, StringComparer.Ordinal)
            .ToList();
        var best = WithoutWaste(fits).Take(Most).ToList();
        var short_ = found
            .Where(o =>
                o.Fit == Fit.Over
                && (
                    best.Count == 0
                    || o.Available < best.Where(b => !b.Keeps).Select(b => b.Available).DefaultIfEmpty(Volume.Of(1_000_000m)).Min()
                )
            )
            .OrderByDescending(o => o.Left.CubicInches)
            .ThenBy(o => o.Opens)
            .ThenBy(o => o.Box, StringComparer.Ordinal)
            .ThenBy(o => o.Ring, StringComparer.Ordinal)
            .ThenBy(o => o.Extension, StringComparer.Ordinal)
            .FirstOrDefault();
        return new(best, short_, searched, false);
    }

    /// <summary>Drops an assembly when one that opens no more parts, costs no more and holds at least as much with fewer pieces stands
    /// before it.</summary>
    private static List<InsteadOption> WithoutWaste(List<InsteadOption> ordered)
    {
        var kept = new List<InsteadOption>();
        foreach (var option in ordered)
        {
            var family = (
                option.Keeps,
                Shape(option),
                option.Clamps,
                Ring: option.Ring is not null,
                Extension: option.Extension is not null
            );
            if (
                kept.Count(k => (k.Keeps, Shape(k), k.Clamps, Ring: k.Ring is not null, Extension: k.Extension is not null) == family)
                < (option.Keeps ? 2 : 1)
            )
            {
                kept.Add(option);
            }
        }

        return kept;
    }

    private static (BoxShape?, BoxMaterial?, bool?) Shape(InsteadOption option) =>
        BoxKinds.Find(option.Box) is { } kind ? (kind.Shape, kind.Material, kind.OldWork) : (null, null, null);

    private static Volume Needed(FillInput input, ClampStyle clamps, LimitTable limits, HousePractice practice)
    {
        var changed = input with
        {
            Clamps = [.. input.Clamps.Select(_ => clamps == ClampStyle.Internal ? Maybe.Yes : Maybe.No)],
            Flap = clamps == ClampStyle.Flap,
        };
        var sum = BoxFill.Sum(FillLines.Count(changed, limits, practice));
        return sum.High ?? sum.Low;
    }

    private static IEnumerable<InsteadOption> Candidates(InsteadQuestion question) =>
        Kept(question).Concat(BoxKinds.All.Where(k => Suits(k, question)).SelectMany(k => Replaced(k, question)));

    private static bool Suits(BoxKind kind, InsteadQuestion question) =>
        kind is { Volume: not null, ByCount: true }
        && question.Right.Takes(kind)
        && (
            question.Gangs == 0
                ? question.OnCanopy
                    ? kind.Shape is BoxShape.Round or BoxShape.Square or BoxShape.Pan
                    : true
                : kind.Gangs == question.Gangs || (kind.Shape == BoxShape.Square && question.Gangs <= 2)
        )
        && !(question.OnCanopy && kind.Gangs > 0)
        && (question.Gangs > 0 || question.OnCanopy || kind.Shape is BoxShape.Square or BoxShape.Round or BoxShape.Device)
        && !(question.Gangs == 0 && kind.Gangs > 1);

    /// <summary>The box at hand: other clamps, another ring, an extension, or both.</summary>
    private static IEnumerable<InsteadOption> Kept(InsteadQuestion question)
    {
        var own = question.OwnMark ?? BoxKinds.Find(question.Kind)?.Volume;
        if (own is null)
        {
            yield break;
        }

        var kind = BoxKinds.Find(question.Kind);
        var partsNow = BoxFill.AvailableIn(question.Input).Low - own.Value;
        var ringAdds = question
            .Input.Housing.Where(h => PartKinds.Find(h.Kind) is { Role: PartRole.Ring or PartRole.RaisedCover })
            .Select(h => h.Volume.Low)
            .FirstOrDefault();
        var clampsNow =
            question.Clamped > 0 || question.Input.Clamps.Contains(Maybe.Yes) ? ClampStyle.Internal
            : question.Input.Flap ? ClampStyle.Flap
            : ClampStyle.Outside;
        var clampWays = new List<(ClampStyle Clamps, int Opens, bool Out)> { (clampsNow, 0, false) };
        if (clampsNow == ClampStyle.Internal && kind?.Material != BoxMaterial.Nonmetallic && !question.Right.Own)
        {
            clampWays.Add((ClampStyle.Outside, Math.Max(1, question.Clamped), true));
        }

        var ringNow = question
            .Parts.Select(PartKinds.Find)
            .OfType<PartKind>()
            .FirstOrDefault(p => p.Role is PartRole.Ring or PartRole.RaisedCover);
        var rings = PartKinds
            .RingsFor(kind, question.Gangs)
            .Where(r => question.Right.TakesRing(r) && r.Id != ringNow?.Id && (ringNow is null || r.Volume > ringAdds))
            .Select(r => (PartKind?)r)
            .Prepend(null)
            .ToList();
        var extensions = PartKinds
            .ExtensionsFor(kind, question.Gangs)
            .Where(question.Right.TakesExtension)
            .Select(e => (PartKind?)e)
            .Prepend(null)
            .ToList();
        foreach (var (clamps, opens, clampsOut) in clampWays)
        {
            foreach (var ring in rings)
            {
                foreach (var extension in extensions)
                {
                    if (!clampsOut && ring is null && extension is null)
                    {
                        continue;
                    }

                    var available =
                        own.Value
                        + partsNow
                        + (ring?.Volume ?? Volume.Zero)
                        - (ring is null ? Volume.Zero : ringAdds)
                        + (extension?.Volume ?? Volume.Zero);
                    yield return new(
                        question.Kind,
                        ring?.Id ?? ringNow?.Id,
                        extension?.Id,
                        clamps,
                        true,
                        opens + (ring is null ? 0 : 1) + (extension is null ? 0 : 1),
                        (ring?.PriceClass ?? 0) + (extension?.PriceClass ?? 0),
                        available,
                        Volume.Zero,
                        Volume.Zero,
                        Fit.Fits,
                        new(clampsOut, ring is not null)
                    );
                }
            }
        }
    }

    /// <summary>Another box in its place: every entry is opened and the box comes out.</summary>
    private static IEnumerable<InsteadOption> Replaced(BoxKind kind, InsteadQuestion question)
    {
        var opens = 2 + question.Entries;
        var ways = kind.Clamps switch
        {
            ClampStyle.Internal when kind.Material == BoxMaterial.Metal => new[] { ClampStyle.Internal, ClampStyle.Outside },
            _ => [kind.Clamps],
        };
        var needsRing = kind.Shape == BoxShape.Square && question.Gangs > 0;
        var rings = needsRing
            ? PartKinds.RingsFor(kind, question.Gangs).Where(question.Right.TakesRing).Select(r => (PartKind?)r)
            : [(PartKind?)null];
        foreach (var ring in rings)
        {
            foreach (
                var extension in PartKinds
                    .ExtensionsFor(kind, question.Gangs)
                    .Where(e =>
                        question.Right.TakesExtension(e) && e.InTable && kind.Shape is BoxShape.Square or BoxShape.Round or BoxShape.Pan
                    )
                    .Select(e => (PartKind?)e)
                    .Prepend(null)
            )
            {
                if (!DeepEnough(kind, ring, extension, question))
                {
                    continue;
                }

                foreach (var clamps in ways)
                {
                    var available = kind.Volume!.Value + (ring?.Volume ?? Volume.Zero) + (extension?.Volume ?? Volume.Zero);
                    yield return new(
                        kind.Id,
                        ring?.Id,
                        extension?.Id,
                        clamps,
                        false,
                        opens + (extension is null ? 0 : 1),
                        kind.PriceClass + (ring?.PriceClass ?? 0) + (extension?.PriceClass ?? 0),
                        available,
                        Volume.Zero,
                        Volume.Zero,
                        Fit.Fits,
                        new(kind.Clamps == ClampStyle.Internal && clamps == ClampStyle.Outside, ring is not null)
                    );
                }
            }
        }
    }

    private static bool DeepEnough(BoxKind kind, PartKind? ring, PartKind? extension, InsteadQuestion question) =>
        question.DeepestDevice is not { } device
        || kind.Depth is not { } depth
        || depth + (ring?.Depth ?? Length.Zero) + (extension?.Depth ?? Length.Zero) > device;
}
