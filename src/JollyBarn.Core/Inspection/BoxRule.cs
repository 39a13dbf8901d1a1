namespace JollyBarn.Inspection;

/// <summary>One check of a box. A new rule is a file, a line in <c>RuleList</c>, its article in the book and its words in
/// <c>Telling</c>.</summary>
public abstract class BoxRule(string id) : Rule(id)
{
    /// <summary>True for a check of what the code calls a box. A listed splice, a device's own enclosure and what lies open are not asked
    /// it.</summary>
    public virtual bool OfBoxes => false;

    /// <summary>Verdicts on every thing of the box the rule can judge, <see cref="Verdict.Fine"/> where it holds; nothing where it does not
    /// apply or too little is recorded to begin.</summary>
    /// <remarks>A verdict other than <see cref="Verdict.Measure"/> must stay whatever an unknown fact turns out to be.</remarks>
    public abstract IEnumerable<Finding> Judge(BoxLook look);
}
