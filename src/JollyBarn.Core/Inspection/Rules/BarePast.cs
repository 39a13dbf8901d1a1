namespace JollyBarn.Inspection.Rules;

/// <summary>No bare copper shows past a screw.</summary>
/// <remarks>Practice.</remarks>
public sealed class BarePast() : BoxRule("bare-past", "Bare past the screw", "It touches the box when the device is pushed in.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _) in look.Ended.Where(l => !l.Lead.IsBare))
        {
            if (look.Tape(id, "bare") is { } bare)
            {
                yield return AtMost(look, id, bare, "lead.bare", $"Bare copper, {look.Called(id)}", Verdict.Better);
            }
        }
    }
}
