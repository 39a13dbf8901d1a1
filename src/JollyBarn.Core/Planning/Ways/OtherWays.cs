using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Planning.Remedies;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Ways to every wish but an outlet more.</summary>
internal static class OtherWays
{
    /// <summary>The rules whose verdicts a wish is about.</summary>
    private static readonly Dictionary<WishKind, string[]> Rules = new()
    {
        [WishKind.Bigger] = ["fill", "depth"],
        [WishKind.LongerLeads] = ["free-length", "reach", "pigtail-length"],
        [WishKind.BoxForSplice] = ["splice-box", "weight", "fan-ready"],
        [WishKind.BondBox] = ["box-bonded", "bond-screw", "bond-count"],
        [WishKind.Protect] = ["gfci", "afci", "no-ground", "device-bonded"],
        [WishKind.UndoJumper] = ["neutral-ground"],
    };

    public static (IReadOnlyList<WayDraft> Drafts, IReadOnlyList<Rejected> Rejected) For(Job job, Wish wish, Stock stock) =>
        wish.Kind switch
        {
            WishKind.AddDevice => (EnlargeWays.For(job, wish, stock), []),
            WishKind.MendCable => (new RepairWays(job, wish, stock).All(), []),
            WishKind.ReplaceDevice => new DeviceWays(job, wish, stock).Replace(),
            WishKind.MakeUpBox => new DeviceWays(job, wish, stock).MakeUp(),
            WishKind.NewBreaker => new BreakerWays(job, wish, stock).All(),
            _ => Verdicts(job, wish, stock),
        };

    /// <summary>Every remedy of the verdicts in question, one that mends several of a kind for all of them at once; what waits for a
    /// fact is
    /// told, and so is that nothing of the kind is wrong as things are known.</summary>
    private static (IReadOnlyList<WayDraft> Drafts, IReadOnlyList<Rejected> Rejected) Verdicts(Job job, Wish wish, Stock stock)
    {
        if (wish.Box is not { } id || job.Boxes.Find(id) is not { } box)
        {
            return ([], []);
        }

        var asked = Inspector
            .Judge(job, id, box)
            .Where(f => wish.Kind == WishKind.MendVerdict ? f.Rule == wish.Rule && f.Of == wish.Of : Rules[wish.Kind].Contains(f.Rule))
            .ToLookup(f => f.Verdict is Verdict.Stop or Verdict.Fix or Verdict.Better);
        var (none, at) = (new WayChoice { From = id }, Details.Of([("box", new Thing(ThingKind.Box, id))]));
        return (
            [
                .. asked[true]
                    .SelectMany(f => Numbered(job, id, f).Select(r => (Finding: f, r.Key, r.Remedy)))
                    .GroupBy(r => (r.Finding.Rule, r.Key))
                    .Select(g => new WayChoice
                    {
                        From = id,
                        Remedy = g.First().Remedy,
                        Targets = [.. g.Select(r => r.Finding)],
                        Instead = g.First().Remedy.Details["option"] as Fill.InsteadOption,
                    })
                    .Select((choice, i) => new WayDraft(choice, i, _ => Built(job, choice, stock))),
            ],
            [
                .. asked[false]
                    .Where(f => f.Verdict == Verdict.Measure)
                    .Select(f => new Rejected(none, WayMiss.Waits, at, f) { After = job }),
                .. asked[true].Any() || asked[false].Any(f => f.Verdict == Verdict.Measure)
                    ? Array.Empty<Rejected>()
                    : [new Rejected(none, WayMiss.NothingWrong, at)],
            ]
        );
    }

    /// <summary>Remedies by their case; the second of a case by its number too.</summary>
    private static IEnumerable<((string Kind, string Case, int Nth) Key, Remedy Remedy)> Numbered(Job job, Id<Box> id, Finding finding)
    {
        var seen = new Dictionary<(string, string), int>();
        foreach (var remedy in RemedyList.Of(job, id, finding))
        {
            var nth = seen[(remedy.Kind, remedy.Case)] = seen.GetValueOrDefault((remedy.Kind, remedy.Case)) + 1;
            yield return ((remedy.Kind, remedy.Case, nth), remedy);
        }
    }

    private static BuiltWay Built(Job job, WayChoice choice, Stock stock) =>
        choice.Instead is { } option && PartsOf.Of(option).FirstOrNull(p => !stock.Has(p)) is { } missing
            ? BuiltWay.No(Rejected.Of(choice, WayMiss.NoPart, ("part", missing)))
            : Mended(job, choice);

    private static BuiltWay Mended(Job job, WayChoice choice)
    {
        var (building, id) = (new Building(job), choice.From!.Value);
        if (!building.Do(choice.Remedy!.Edit))
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.Refused));
        }

        var of = Numbered(job, id, choice.Targets[0])
            .First(r => r.Remedy.Case == choice.Remedy.Case && r.Remedy.Kind == choice.Remedy.Kind)
            .Key;
        foreach (var more in choice.Targets.Skip(1))
        {
            // What the ones before it settled too needs nothing more.
            if (
                Inspector.Judge(building.Now, id, building.Now.Boxes[id]).FirstOrDefault(f => f.Rule == more.Rule && f.Of == more.Of)
                is not { } still
            )
            {
                continue;
            }

            if (
                still.Verdict <= more.Verdict
                && Numbered(building.Now, id, still).Where(r => r.Key == of).Select(r => r.Remedy).FirstOrDefault() is { } same
                && !building.Do(same.Edit)
            )
            {
                return BuiltWay.No(Rejected.Of(choice, WayMiss.Refused));
            }
        }

        Due.Mend(building, job, [id]);
        return new(choice, building.Done(), null);
    }
}
