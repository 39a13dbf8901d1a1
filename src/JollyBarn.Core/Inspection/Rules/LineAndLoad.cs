using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A protective device fed on its load side: what hangs on the line side is not protected, an old one's own face may stay live
/// when tripped.</summary>
/// <remarks>By its listing and instructions, 110.3(B).</remarks>
public sealed class LineAndLoad() : BoxRule("line-load")
{
    public enum Case
    {
        FeedOnLoad,
        NotOnLoad,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var feeding = look.Feeding;
        var runs = feeding.Select(f => look.Box.Leads[f].Run).ToHashSet();
        var guarded = Continuity.Protected(look.Box);
        foreach (var run in guarded.Where(r => runs.Contains(r)))
        {
            var lead = feeding.First(f => look.Box.Leads[f].Run == run);
            yield return Fix(lead, Case.FeedOnLoad, ("lead", Thing.Lead(lead)));
        }

        foreach (var (id, _, _) in look.Devices.Where(d => d.Kind.Protects))
        {
            var cable = look.Cables.FirstOrDefault(c => c.End.Feeds == Feeds.Protected && !guarded.Contains(c.RunId));
            if (cable?.Leads.FirstOrNull(l => !look.Box.Leads[l].IsGround) is { } lead)
            {
                yield return Fix(id, Case.NotOnLoad, ("device", Thing.Device(id)), ("lead", Thing.Lead(lead))).Pointing(lead, id);
            }
        }
    }
}
