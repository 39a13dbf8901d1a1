using JollyBarn.Edits;
using JollyBarn.Planning.Ways;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>What of a card can be made up below, and what is carried up. <em>Practice</em>: on a ladder one hand holds the
/// ladder.</summary>
/// <param name="Below">Steps, or lines of steps, that touch nothing in the box: pigtails cut, tabs broken, pigtails on the device.</param>
/// <param name="Up">Parts of this box.</param>
public sealed record BenchFirst(IReadOnlyList<(CardStep Step, IReadOnlyList<StepItem> Items)> Below, IReadOnlyList<PartNeed> Up)
{
    public static BenchFirst Of(Job left, Job planned, Id<Box> id, IReadOnlyList<CardStep> steps)
    {
        ArgumentNullException.ThrowIfNull(left);
        ArgumentNullException.ThrowIfNull(planned);
        ArgumentNullException.ThrowIfNull(steps);
        var was = left.Boxes.Find(id);
        bool New(Id<Lead> lead) => was?.Leads.Has(lead) != true && was?.Pigtails.Has(lead) != true && planned.Boxes[id].Pigtails.Has(lead);
        var below = steps
            .Select(s => (Step: s, Items: (IReadOnlyList<StepItem>)Items(s, New)))
            .Where(s => s.Items.Count > 0 || s.Step.Case is StepCase.BreakTab or StepCase.Device)
            .ToList();
        // Of the whole plan this box alone, and the runs that come to it.
        var alone = left with { Boxes = left.Boxes.With(id, planned.Boxes[id]), Runs = planned.Runs };
        return new(below, PartsOf.Between(left with { Runs = planned.Runs }, alone, new WayChoice(), steps.SelectMany(Edits)));
    }

    private static IEnumerable<Edit> Edits(CardStep step) => step.Edit is { } edit ? edit.Edits : [];

    private static List<StepItem> Items(CardStep step, Func<Id<Lead>, bool> fresh) =>
        step.Case switch
        {
            StepCase.Joint => [.. step.Items.Where(i => i.Case == ItemCase.TailToCut)],
            StepCase.Terminal when step.Leads.All(fresh) => [.. step.Items],
            _ => [],
        };
}
