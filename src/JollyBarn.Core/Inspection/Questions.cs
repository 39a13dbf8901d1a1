using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection;

/// <summary>A fact that would decide something, as one is asked for it.</summary>
/// <param name="What">The thing it is about, in words; null for the box itself.</param>
/// <param name="Decides">Names of the rules it would decide.</param>
public sealed record Question(string Of, string Key, string? What, IReadOnlyList<string> Decides);

/// <summary>The questions of a box in the order a hand with a tape takes them.</summary>
public static class Questions
{
    /// <summary>Every fact some verdict waits for, once each.</summary>
    public static IReadOnlyList<Question> Of(Job job, string boxId, Box box, IReadOnlyList<Finding> findings)
    {
        var look = new BoxLook(job, boxId, box);
        return
        [
            .. findings.SelectMany(f => f.Asks.Select(a => (Ask: a, f.Rule))).GroupBy(a => a.Ask)
                .Select(g => (Kind: FactKinds.Find(g.Key.Key), Question: new Question(g.Key.Of, g.Key.Key, Named(look, g.Key.Of), [.. g.Select(a => Inspector.Find(a.Rule)?.Name ?? a.Rule).Distinct()])))
                .Where(q => q.Kind is not null).OrderBy(q => q.Kind!.Order).ThenBy(q => q.Question.Of, StringComparer.Ordinal).Select(q => q.Question),
        ];
    }

    private static string? Named(BoxLook look, string of) =>
        of == Subjects.Box ? null
        : look.Box.Leads.Has(of) || look.Box.Pigtails.Has(of) ? look.Called(of)
        : look.Cables.FirstOrDefault(c => c.Id == of) is { } cable ? BoxLook.CableName(cable)
        : look.Box.Devices.Has(of) ? look.DeviceName(of)
        : look.Box.Joints.Has(of) ? look.JointName(of)
        : "an entry";
}
