using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>A lead or pigtail in words.</summary>
/// <param name="Says">The connection as a sentence: the name, and where it lies.</param>
public sealed record ToldLead(string Name, string Says);

/// <summary>What the things of a box are called beside their picture, by their ids.</summary>
/// <param name="Leads">Leads and pigtails.</param>
/// <param name="Cables">By cable end, such as <c>r1.a</c>.</param>
public sealed record ToldNames(
    IReadOnlyDictionary<string, ToldLead> Leads,
    IReadOnlyDictionary<string, string> Joints,
    IReadOnlyDictionary<string, string> Devices,
    IReadOnlyDictionary<string, string> Cables
)
{
    public static ToldNames Tell(Job job, Id<Box> id, Box box)
    {
        var names = new ShortNames(job, id, box);
        var cables = box
            .Leads.Values.SelectMany(l => new[] { l.Run, l.LeavesBy })
            .OfType<Id<Run>>()
            .Distinct()
            .SelectMany(run => (job.Runs.Find(run)?.SidesIn(id) ?? []).Select(side => (run, side)));
        return new(
            box.Leads.Ids.Concat(box.Pigtails.Ids).ToDictionary(l => l.Text, l => new ToldLead(names.Lead(l), names.Connection(l))),
            box.Joints.Ids.ToDictionary(j => j.Text, j => names.Joint(j)),
            box.Devices.Ids.ToDictionary(d => d.Text, d => names.Device(d)),
            cables.ToDictionary(c => Subjects.CableEnd(c.run, c.side), c => names.Cable(c.run, c.side))
        );
    }
}
