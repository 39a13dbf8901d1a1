using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Planning.Remedies;
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

    public static IReadOnlyList<WayDraft> For(Job job, Wish wish, Stock stock) =>
        wish.Kind switch
        {
            WishKind.AddDevice => EnlargeWays.For(job, wish, stock),
            WishKind.MendCable => new RepairWays(job, wish, stock).All(),
            _ => Verdicts(job, wish, stock),
        };

    /// <summary>Every remedy of the verdicts in question; of those that fail now where there are any.</summary>
    private static IReadOnlyList<WayDraft> Verdicts(Job job, Wish wish, Stock stock)
    {
        if (wish.Box is not { } id || job.Boxes.Find(id) is not { } box)
        {
            return [];
        }

        return
        [
            .. Inspector
                .Judge(job, id, box)
                .Where(f =>
                    f.Verdict is Verdict.Stop or Verdict.Fix or Verdict.Better
                    && (wish.Kind == WishKind.MendVerdict ? f.Rule == wish.Rule && f.Of == wish.Of : Rules[wish.Kind].Contains(f.Rule))
                )
                .SelectMany(f =>
                    RemedyList
                        .Of(job, id, f)
                        .Select(
                            (r, i) =>
                                new WayChoice
                                {
                                    From = id,
                                    Remedy = r,
                                    Target = f,
                                    Instead = r.Details["option"] as Fill.InsteadOption,
                                }
                        )
                )
                .Select((choice, i) => new WayDraft(choice, i, _ => Built(job, choice, stock))),
        ];
    }

    private static BuiltWay Built(Job job, WayChoice choice, Stock stock) =>
        choice.Instead is { } option && PartsOf.Of(option).FirstOrNull(p => !stock.Has(p)) is { } missing
            ? BuiltWay.No(Rejected.Of(choice, WayMiss.NoPart, ("part", missing)))
            : Mended(job, choice);

    private static BuiltWay Mended(Job job, WayChoice choice)
    {
        var building = new Building(job);
        if (!building.Do(choice.Remedy!.Edit))
        {
            return BuiltWay.No(Rejected.Of(choice, WayMiss.Refused));
        }

        Due.Mend(building, job, [choice.From!.Value]);
        return new(choice, building.Done(), null);
    }
}
