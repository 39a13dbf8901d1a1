using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A protective device fed on its load side: what hangs on the line side is not protected, an old one's own face may stay live when tripped.</summary>
/// <remarks>By its listing and instructions, 110.3(B).</remarks>
public sealed class LineAndLoad : IBoxRule
{
    public string Id => "line-load";

    public IEnumerable<Finding> Judge(BoxLook look)
    {
        var feeding = Continuity.Feeding(look.Job, look.Id, look.Box);
        var runs = feeding.Select(f => look.Box.Leads[f].Run).ToHashSet();
        foreach (var run in Continuity.Protected(look.Box).Where(r => runs.Contains(r)))
        {
            var lead = feeding.First(f => look.Box.Leads[f].Run == run);
            yield return new(Id, Verdict.Fix, $"The feed lands on the load side: {look.Called(lead)}. Feed goes to line; what is to be protected goes to load.", "110.3(B)", [lead]);
        }

        foreach (var (id, _) in look.Box.Devices.Where(d => DeviceKinds.Find(d.Value.Kind)?.Family == DeviceFamily.ProtectiveReceptacle))
        {
            var lead = look.Box.Leads.FirstOrDefault(l => l.Value is { Run: not null, IsGround: false } && look.Job.Runs.Find(l.Value.Run)?.End(l.Value.Side).Feeds == Feeds.Protected && !Continuity.Protected(look.Box).Contains(l.Value.Run)).Key;
            if (lead is not null)
            {
                yield return new(Id, Verdict.Fix, $"Said to be protected, but not on the load side of the {look.DeviceName(id)}: {look.Called(lead)}.", "110.3(B)", [lead, id]);
            }
        }
    }
}
