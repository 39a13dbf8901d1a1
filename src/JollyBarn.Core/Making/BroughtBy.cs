using JollyBarn.Inspection;
using JollyBarn.Inspection.Judging;
using JollyBarn.Planning;
using JollyBarn.Wiring;

namespace JollyBarn.Making;

/// <summary>What a make brings into a box: stops and fixes that were not there before it.</summary>
public static class BroughtBy
{
    public static IReadOnlyList<Finding> Of(Job now, Job then, Id<Box> box)
    {
        ArgumentNullException.ThrowIfNull(now);
        ArgumentNullException.ThrowIfNull(then);
        return Brought.By(Inspector.Judge(now, box, now.Boxes[box]), Inspector.Judge(then, box, then.Boxes[box]));
    }
}
