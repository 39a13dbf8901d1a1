using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Electrics;

/// <summary>Which sources can be on a panel.</summary>
public static class PanelSources
{
    /// <summary>Ids of its own, or of all where it names none, and of those that stand by, which no panel names.</summary>
    public static IEnumerable<string> Reaching(Job job, Panel panel) => Reaching(panel, job.Sources, job.Panels);

    internal static IEnumerable<string> Reaching(Panel panel, ById<string, Source> sources, ById<string, Panel> panels) =>
        sources.Ids.Where(id => panel.Source is null || panel.Source == id || panels.Values.All(p => p.Source != id));

    /// <summary>Whether a transfer switch or an interlock lets only one of them be on; null where nobody looked.</summary>
    public static bool? OneAtATime(Panel panel) =>
        panel.Noted.Find(Subjects.Panel)?.Facts.Find(SupplyFacts.OneSource.Id)
            is { How: not (Known.Unknown or Known.NotApplicable), Value: { } said }
            ? SupplyFacts.OneSource.Parse(said)
            : null;
}
