using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Testing;

/// <summary>Generated Changes: boxes with up to sixteen leads and three devices, and random edits of a person planned in them.</summary>
public static class PlannedBoxes
{
    /// <param name="edits">How many are tried; impossible ones are passed over.</param>
    public static Job Make(int seed, int edits = 6)
    {
        var job = SomeBoxes.Make(seed).Do(new OpenChange("plan", "Plan"));
        var random = new RandomEdits(seed);
        for (var i = 0; i < edits; i++)
        {
            var plan = new PlanEdit("plan", $"p{i}", random.Next(ChangeWork.Planned(job, "plan")));
            job = plan.Check(job) is null && plan.Apply(job) is var next && !Hangs(next) ? next : job;
        }

        return job;
    }

    /// <summary>True where a lead goes on from where it hangs free: bared on the way to nowhere, which no hand makes.</summary>
    private static bool Hangs(Job job) =>
        ChangeWork
            .Planned(job, "plan")
            .Boxes.Values.Any(b =>
                b.Pigtails.Values.Any(t => t is { Of: not null, From.At: LandingAt.Loose or LandingAt.Unknown or LandingAt.Cap })
            );
}
