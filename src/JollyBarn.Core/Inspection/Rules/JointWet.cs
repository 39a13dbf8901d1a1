using JollyBarn.CodeBook;

namespace JollyBarn.Inspection.Rules;

/// <summary>A joint in a wet place is sealed.</summary>
/// <remarks>NEC 110.14(B), 300.5(E).</remarks>
public sealed class JointWet() : BoxRule("joint-wet", "Joint in the wet", "Water climbs into a twist-on and eats the copper.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, joint) in look.Box.Joints)
        {
            var style = ConnectorKinds.Find(joint.Connector)?.Style;
            if (style == ConnectorStyle.Sealed || look.Wetness is "dry" or "damp")
            {
                yield return Fine(id, "The joint suits the place.", "110.14(B)");
            }
            else if (look.Wetness == "wet" && look.Box.Shape != BoxShape.Weatherproof)
            {
                yield return Fix(id, $"{Sentence.Start(look.JointName(id))} lies in a wet place and is not sealed.", "110.14(B), 300.5(E)");
            }
        }
    }
}
