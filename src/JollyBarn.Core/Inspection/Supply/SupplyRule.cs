namespace JollyBarn.Inspection.Supply;

/// <summary>One check of a circuit. A new rule is a file and a name in <c>SupplyRules</c>.</summary>
public abstract class CircuitRule(string id) : Rule(id)
{
    /// <summary>As <see cref="BoxRule.Judge"/>, of a circuit.</summary>
    public abstract IEnumerable<Finding> Judge(CircuitLook look);
}

/// <summary>One check of a panel. A new rule is a file and a name in <c>SupplyRules</c>.</summary>
public abstract class PanelRule(string id) : Rule(id)
{
    /// <summary>As <see cref="BoxRule.Judge"/>, of a panel.</summary>
    public abstract IEnumerable<Finding> Judge(PanelLook look);
}
