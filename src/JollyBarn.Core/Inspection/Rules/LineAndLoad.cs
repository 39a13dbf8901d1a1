using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A protective device fed on its load side: what hangs on the line side is not protected, an old one's own face may stay live when tripped.</summary>
/// <remarks>By its listing and instructions, 110.3(B).</remarks>
public sealed class LineAndLoad() : BoxRule("line-load", "Line and load", "What was meant to be protected is not, and an old one leaves its own face live.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var feeding = look.Feeding;
        var runs = feeding.Select(f => look.Box.Leads[f].Run).ToHashSet();
        foreach (var run in Continuity.Protected(look.Box).Where(r => runs.Contains(r)))
        {
            var lead = feeding.First(f => look.Box.Leads[f].Run == run);
            yield return Fix(lead, $"The feed lands on the load side: {look.Called(lead)}. Feed goes to line; what is to be protected goes to load.", "110.3(B)");
        }

        foreach (var (id, _, _) in look.Devices.Where(d => d.Kind.Family == DeviceFamily.ProtectiveReceptacle))
        {
            var cable = look.Cables.FirstOrDefault(c => c.End.Feeds == Feeds.Protected && !Continuity.Protected(look.Box).Contains(c.RunId));
            if (cable?.Leads.FirstOrDefault(l => !look.Box.Leads[l].IsGround) is { } lead)
            {
                yield return Fix(id, $"Said to be protected, but not on the load side of the {look.DeviceName(id)}: {look.Called(lead)}.", "110.3(B)", lead, id);
            }
        }
    }
}
