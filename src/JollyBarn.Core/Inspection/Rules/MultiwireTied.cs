namespace JollyBarn.Inspection.Rules;

/// <summary>The breakers of a multiwire circuit open together.</summary>
/// <remarks>NEC 210.4(B).</remarks>
public sealed class MultiwireTied() : BoxRule("multiwire-tied", "Breakers tied", "One breaker off leaves the other hot on the same neutral.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var cable in MultiwireCables.In(look))
        {
            yield return YesNo(look, cable.Id, "tied", true, $"The two breakers of {BoxLook.CableName(cable)} do not open together.", "210.4(B)") with { Ids = cable.Leads };
        }
    }
}
