using JollyBarn.Edits;
using JollyBarn.Wiring;

namespace JollyBarn.Planning.Ways;

/// <summary>Ids that nothing has, neither in the present nor in what an open Change plans: two ways that are both taken do not
/// meet.</summary>
internal sealed class FreshIds
{
    private readonly IReadOnlyList<Job> all;

    public FreshIds(Job job) => all = [job, .. job.Changes.Where(c => c.Value.Closed is null).Select(c => ChangeWork.Planned(job, c.Key))];

    public Id<Box> Box(string stem) => Ids.Free(stem, id => all.Any(j => j.Boxes.Has(id)));

    public Id<Run> Run(string stem) => Ids.Free(stem, id => all.Any(j => j.Runs.Has(id)));

    public Id<Circuit> Circuit(string stem) => Ids.Free(stem, id => all.Any(j => j.Circuits.Has(id)));
}
