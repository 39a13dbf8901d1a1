using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A connector covers the copper, is whole, and every end reaches into it.</summary>
/// <remarks>NEC 110.14(B) and the connector's listing. Told where somebody saw it.</remarks>
public sealed class JointMade() : BoxRule("joint-made")
{
    public enum Case
    {
        CopperBelow,
        ShellHurt,
        EndShort,
        Sound,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var id in look.Box.Joints.Ids)
        {
            (string, object?) name = ("joint", Thing.Joint(id));
            switch (look.Read(LeadFacts.Seen, id))
            {
                case JointSeen.CopperBelow:
                    yield return Fix(id, Case.CopperBelow, name);
                    break;
                case JointSeen.ShellHurt:
                    yield return Fix(id, Case.ShellHurt, name);
                    break;
                case JointSeen.EndShort:
                    yield return Fix(id, Case.EndShort, name);
                    break;
                case JointSeen.Sound:
                    yield return Fine(id, Case.Sound, name);
                    break;
            }
        }
    }
}
