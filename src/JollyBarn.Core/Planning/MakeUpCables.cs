using JollyBarn.Wiring;

namespace JollyBarn.Planning;

/// <summary>A cable of a box with its leads by what they usually are.</summary>
/// <param name="End">Its end here, <c>run.side</c>.</param>
/// <param name="Hots">Insulated leads that are no neutral, in the order of the cable.</param>
/// <param name="Fresh">True when none of its leads has a place yet.</param>
internal sealed record MakeUpCable(
    string End,
    Feeds Feeds,
    bool ToLoad,
    IReadOnlyList<Id<Lead>> Hots,
    Id<Lead>? Neutral,
    Id<Lead>? Ground,
    bool Fresh
);

/// <summary>The cables of a box in the order they come in.</summary>
internal static class MakeUpCables
{
    /// <summary>Cables of the box by entry side and place.</summary>
    public static List<MakeUpCable> Of(Job job, Id<Box> id, Box box) =>
        [
            .. box
                .Leads.Where(l => l.Value.Run is not null && job.Runs.Has(l.Value.Run))
                .GroupBy(l => (Run: l.Value.Run!.Value, l.Value.Side))
                .Select(g => (g.Key, Run: job.Runs[g.Key.Run], Leads: g.OrderBy(l => l.Value.Index).ToList()))
                .OrderBy(c => SurveySteps.EntryOrder(box, c.Run.End(c.Key.Side)))
                .ThenBy(c => c.Key.Run)
                .Select(c =>
                {
                    var (near, far) = (c.Run.End(c.Key.Side), c.Run.End(c.Key.Side == RunSide.A ? RunSide.B : RunSide.A));
                    var insulated = c.Leads.Where(l => !l.Value.IsGround).ToList();
                    var neutral = insulated.FirstOrNull(l => l.Value.Use == ConductorUse.Neutral);
                    return new MakeUpCable(
                        Subjects.CableEnd(c.Key.Run, c.Key.Side),
                        near.Feeds,
                        far.At == EndAt.Load,
                        [.. insulated.Where(l => l.Key != neutral?.Key).Select(l => l.Key)],
                        neutral?.Key,
                        c.Leads.FirstOrNull(l => l.Value.IsGround)?.Key,
                        c.Leads.TrueForAll(l => l.Value is { Form: LeadForm.Ended, Lands.At: LandingAt.Unknown })
                    );
                }),
        ];

    /// <summary>Cables that may bring the power: the one that is said to, or any that is not said to do otherwise.</summary>
    public static IEnumerable<MakeUpCable> Feeds(IReadOnlyList<MakeUpCable> cables) =>
        cables.Where(c => c.Feeds == Wiring.Feeds.FeedsIn).ToList() is { Count: > 0 } said
            ? said
            : cables.Where(c => c.Feeds == Wiring.Feeds.CannotTell && !c.ToLoad);

    /// <summary>Cables that may leave switched: one that ends at something fixed first, never one that is said to feed in.</summary>
    public static IEnumerable<MakeUpCable> Lights(IReadOnlyList<MakeUpCable> cables) =>
        cables.Where(c => c.Feeds != Wiring.Feeds.FeedsIn).OrderByDescending(c => c.ToLoad).ThenBy(c => c.Feeds == Wiring.Feeds.FeedsOn);
}
