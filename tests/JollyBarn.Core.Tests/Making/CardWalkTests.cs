using JollyBarn.Edits;
using JollyBarn.Making;
using JollyBarn.Testing;
using JollyBarn.Wiring;

namespace JollyBarn.Core.Tests.Making;

/// <summary>Whatever was planned: after the last step the recorded state equals it, and no step asks for what is not in the hand yet.
/// <c>bench/run --long</c> walks 500; a slice of them here.</summary>
public class CardWalkTests
{
    [Theory]
    [MemberData(nameof(Seeds))]
    public void After_the_last_step_the_box_is_as_planned(int seed)
    {
        var job = PlannedBoxes.Make(seed);
        foreach (var box in ChangeWork.Planned(job, "plan").Boxes.Ids)
        {
            var walk = new CardWalk("plan");
            job = walk.Through(job, box);
            Assert.Empty(walk.Differences(job, box));
            Assert.Empty(walk.Steps(job, box));
        }
    }

    /// <summary>A lead, pigtail, joint or device that a step names is there as the steps before it left the box, or comes with it; and
    /// every step that lays a conductor is behind the proof.</summary>
    [Theory]
    [MemberData(nameof(Seeds))]
    public void No_step_names_a_lead_that_is_not_in_the_hand_and_none_touches_one_before_its_proof(int seed)
    {
        var job = PlannedBoxes.Make(seed);
        foreach (var box in ChangeWork.Planned(job, "plan").Boxes.Ids)
        {
            var now = ChangeWork.AsLeft(job, "plan");
            foreach (var step in new CardWalk("plan").Steps(job, box))
            {
                var after = step.Edit?.Apply(now) ?? now;
                Assert.All(step.Leads, l => Assert.True(Has(now, box, l) || Has(after, box, l), $"{step.Key} names {l}"));
                var laid =
                    step.Edit?.Edits.Any(e => e is MoveLead or LandPigtail or JoinLeads or AddPigtail or GoOn or RemovePigtail) == true;
                Assert.True(!laid || step.Touches || step.Case == StepCase.Note, step.Key);
                now = after;
            }
        }
    }

    private static bool Has(Job job, Id<Box> box, Id<Lead> lead) =>
        job.Boxes.Find(box) is { } found && (found.Leads.Has(lead) || found.Pigtails.Has(lead));

    /// <summary>The last ones plan with lengths nobody knows, though they were measured.</summary>
    public static TheoryData<int> Seeds => [.. Enumerable.Range(1, 28), 134, 349];
}
