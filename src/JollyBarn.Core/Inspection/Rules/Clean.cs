using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>No paint, plaster or foam inside.</summary>
/// <remarks>NEC 110.12(B).</remarks>
public sealed class Clean() : BoxRule("clean")
{
    public override bool OfBoxes => true;

    public override IEnumerable<Finding> Judge(BoxLook look) => [YesNo(look, Subjects.Box, BoxFacts.Clean, true)];
}
