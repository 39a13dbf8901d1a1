using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A joint in a wet place is sealed.</summary>
/// <remarks>NEC 110.14(B), 300.5(E).</remarks>
public sealed class JointWet() : BoxRule("joint-wet")
{
    public enum Case
    {
        Suits,
        NotSealed,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, joint) in look.Box.Joints)
        {
            var style = ConnectorKinds.Find(joint.Connector)?.Style;
            if (style == ConnectorStyle.Sealed || look.Wetness is Damp.Dry or Damp.Damp)
            {
                yield return Fine(id, Case.Suits);
            }
            else if (look.Wetness == Damp.Wet && look.Box.Shape != BoxShape.Weatherproof)
            {
                yield return Fix(id, Case.NotSealed, ("joint", Thing.Joint(id)));
            }
        }
    }
}
