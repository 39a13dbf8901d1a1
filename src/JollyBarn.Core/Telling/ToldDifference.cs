using JollyBarn.Planning;
using JollyBarn.Telling.Phrases;
using JollyBarn.Wiring;

namespace JollyBarn.Telling;

/// <summary>One thing that differs between two states of a box, as a sentence.</summary>
/// <param name="Says">Such as <c>white of the cable from the porch: from joint neutrals to load neutral</c>.</param>
/// <param name="Ids">What it is about.</param>
/// <param name="NotBack">True for a lead that does not lie where it lay: what putting back as found has to mend.</param>
public sealed record ToldDifference(string Says, IReadOnlyList<string> Ids, bool NotBack = false);

/// <summary>Turns differences between two states of a box into sentences.</summary>
public static class DifferenceTeller
{
    private static readonly Dictionary<BoxDifference.Case, Line> Words = new()
    {
        [BoxDifference.Case.NewBox] = "{box} is new.",
        [BoxDifference.Case.GoneBox] = "{wasBox} is gone.",
        [BoxDifference.Case.Kind] = "The box: from {was} to {now}.",
        [BoxDifference.Case.Mark] = new(f => $"Its mark: from {Or(f, "was", "not read")} to {Or(f, "now", "not read")}."),
        [BoxDifference.Case.PartOff] = "{part}: taken off.",
        [BoxDifference.Case.PartOn] = "{part}: put on.",
        [BoxDifference.Case.DeviceKind] = "{was}: now a {now}.",
        [BoxDifference.Case.Tabs] = new(f => $"{f["device"]}: tabs {Tabs(f.Get<IReadOnlyList<string>>("broken") ?? [])}."),
        [BoxDifference.Case.Gang] = "{device}: from gang {was} to gang {now}.",
        [BoxDifference.Case.DeviceOut] = "{was}: taken out.",
        [BoxDifference.Case.DeviceIn] = "{now}: put in.",
        [BoxDifference.Case.CableOut] = "{Was}: pulled out.",
        [BoxDifference.Case.CableIn] = "{Now}: brought in.",
        [BoxDifference.Case.LeadTo] = "{lead}: to {now}.",
        [BoxDifference.Case.LeadMoved] = "{lead}: from {was} to {now}.",
        [BoxDifference.Case.LeadLength] = new(f => $"{f["lead"]}: length from {Or(f, "was", "not known")} to {Or(f, "now", "not known")}."),
        [BoxDifference.Case.LeadWire] = new(f => $"{f["lead"]}: from {Wire(f.Get<Lead>("was")!)} to {Wire(f.Get<Lead>("now")!)}."),
        [BoxDifference.Case.LeadColour] = new(f => $"{f["lead"]}: from {Colour(f.Get<Lead>("was")!)} to {Colour(f.Get<Lead>("now")!)}."),
        [BoxDifference.Case.Connector] = "{Joint}: from {was} to {now}.",
        [BoxDifference.Case.PigtailOut] = "{wasLead}, {wasFrom} to {wasTo}: taken out.",
        [BoxDifference.Case.PigtailIn] = new(f =>
            $"{f["lead"]}, {f["from"]} to {f["to"]}{(f.Has("length") ? $", {f["length"]}" : "")}: put in."
        ),
    };

    /// <param name="from">The older state.</param>
    /// <param name="to">The newer.</param>
    public static IReadOnlyList<ToldDifference> Tell(Job from, Job to, Id<Box> box, IEnumerable<Difference> differences)
    {
        var (was, now) = (new Names(from, box), new Names(to, box));
        return [.. differences.Select(d => new ToldDifference(Words[d.Case].Make(new(d.Details, now, was)), d.Ids, d.NotBack))];
    }

    private static string Or(Filling f, string name, string none) => f.Has(name) ? f[name] : none;

    private static string Tabs(IReadOnlyList<string> broken) => broken.Count == 0 ? "whole" : $"broken on {string.Join(" and ", broken)}";

    private static string Wire(Lead lead) =>
        $"{lead.Gauge?.ToString() ?? "?"} AWG{(lead.Stranded ? " stranded" : "")}{(lead.Metal == Metal.Aluminum ? " aluminum" : "")}";

    private static string Colour(Lead lead) => lead.MarkedAs is null ? lead.Colour : $"{lead.Colour} marked {lead.MarkedAs}";
}
