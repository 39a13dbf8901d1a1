using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>Worst first. Fine never means safe: nothing was found by the rules there are.</summary>
public enum Verdict
{
    /// <summary>Can hurt somebody now.</summary>
    Stop,
    /// <summary>Fails the code profile.</summary>
    Fix,
    /// <summary>Cannot tell; says which fact would decide.</summary>
    Measure,
    /// <summary>Breaks a house practice or a recommendation.</summary>
    Better,
}

/// <summary>What a rule says of a box.</summary>
/// <param name="Rule">Id of the rule.</param>
/// <param name="Says">One plain sentence.</param>
/// <param name="Article">Article, or <c>practice</c>.</param>
/// <param name="Ids">Leads, joints, devices it is about, for the picture.</param>
public sealed record Finding(string Rule, Verdict Verdict, string Says, string Article, IReadOnlyList<string> Ids);

/// <summary>A box as rules read it.</summary>
public sealed class BoxLook(Job job, string id, Box box)
{
    private Continuity? touching;

    public Job Job { get; } = job;

    public string Id { get; } = id;

    public Box Box { get; } = box;

    public Continuity Touching => touching ??= Continuity.Of(Box);

    /// <summary>Everything with an end in a joint: leads and pigtails, each with its gauge.</summary>
    public IEnumerable<(string Id, Measures.Gauge? Gauge, ConductorUse Use)> In(string joint) =>
        Box.Leads.Where(l => l.Value.Lands.IsIn(joint)).Select(l => (l.Key, l.Value.Gauge, l.Value.Use))
            .Concat(Box.Pigtails.SelectMany(t => new[] { t.Value.From, t.Value.To }.Where(e => e.IsIn(joint)).Select(_ => (t.Key, t.Value.Gauge, t.Value.Use))));

    /// <summary>Everything that lands on a device: its id, where, and what it is.</summary>
    public IEnumerable<(string Id, Landing At, Measures.Gauge? Gauge, bool Stranded, ConductorUse Use)> On(string device) =>
        Box.Leads.Where(l => l.Value.Lands.IsOn(device)).Select(l => (l.Key, l.Value.Lands, l.Value.Gauge, l.Value.Stranded, l.Value.Use))
            .Concat(Box.Pigtails.SelectMany(t => new[] { t.Value.From, t.Value.To }.Where(e => e.IsOn(device)).Select(e => (t.Key, e, t.Value.Gauge, t.Value.Stranded, t.Value.Use))));

    /// <summary>What a cable's lead is called: "white of the cable from the pantry".</summary>
    public string Called(string id)
    {
        if (Box.Pigtails.Find(id) is { } tail)
        {
            return $"{tail.Colour} pigtail";
        }

        var lead = Box.Leads[id];
        if (lead.Device is not null)
        {
            return $"{lead.Colour} of the {DeviceName(lead.Device)}";
        }

        return Job.Runs.Find(lead.Run)?.End(lead.Side).Says is { } says ? $"{lead.Colour} of the cable {says}" : $"{lead.Colour} of a cable";
    }

    public string DeviceName(string device) => Box.Devices.Find(device) is { } found ? found.Name ?? DeviceKinds.Find(found.Kind)?.Name ?? found.Kind : "device";
}

/// <summary>One check of a box. A new rule is a file and a line in <see cref="Inspector.Rules"/>.</summary>
public interface IBoxRule
{
    public string Id { get; }

    public IEnumerable<Finding> Judge(BoxLook look);
}
