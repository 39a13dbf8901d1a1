using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A hot joined to a neutral or a ground is a short: the breaker opens, or does not.</summary>
/// <remarks>NEC 110.7: completed wiring is free from short circuits and ground faults.</remarks>
public sealed class JoinedThatMustNotBe() : BoxRule("short")
{
    public enum Case
    {
        OneJoint,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var id in look.Box.Joints.Ids)
        {
            var members = look.In(id);
            var hot = members.FirstOrNull(m => m.Use is ConductorUse.Hot or ConductorUse.Switched)?.Id;
            var cold = members.FirstOrNull(m => m.Use is ConductorUse.Neutral or ConductorUse.Ground or ConductorUse.IsolatedGround)?.Id;
            if (hot is { } one && cold is { } two)
            {
                yield return Stop(id, Case.OneJoint, ("hot", Thing.Lead(one)), ("other", Thing.Lead(two)), ("joint", Thing.Joint(id)))
                    .Pointing(id, one, two);
            }
        }
    }
}
