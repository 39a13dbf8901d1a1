using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A hot joined to a neutral or a ground is a short: the breaker opens, or does not.</summary>
/// <remarks>NEC 110.7: completed wiring is free from short circuits and ground faults.</remarks>
public sealed class JoinedThatMustNotBe() : BoxRule("short", "Short", "The breaker opens, or does not and something burns.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, joint) in look.Box.Joints)
        {
            var members = look.In(id).ToList();
            var hot = members.FirstOrDefault(m => m.Use is ConductorUse.Hot or ConductorUse.Switched).Id;
            var other = members.FirstOrDefault(m => m.Use is ConductorUse.Neutral or ConductorUse.Ground or ConductorUse.IsolatedGround).Id;
            if (hot is not null && other is not null)
            {
                yield return Stop(id, $"{Sentence.Start(look.Called(hot))} and {look.Called(other)} lie in one joint{(joint.Name is null ? "" : $", {joint.Name}")}: a short.", "110.7",
                    ["Leave the breaker off and tag it.", "Prove it dead.", "Take the joint apart and put each conductor with its own kind."], id, hot, other);
            }
        }
    }
}
