using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Every conductor was followed to where it goes.</summary>
/// <remarks>Practice: a lead nobody followed may be anything.</remarks>
public sealed class Followed() : BoxRule("followed", "Leads followed", "The lead nobody followed is the one that is live.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var unknown = look.Ended.Where(l => l.Lead.Lands.At == LandingAt.Unknown).Select(l => l.Id).ToList();
        if (unknown.Count > 0)
        {
            yield return AskOf(Subjects.Box, unknown.Count == 1 ? $"Where does the {look.Called(unknown[0])} go?" : $"Where do {unknown.Count} leads go that nobody has followed?", "practice", [], [.. unknown]);
        }
        else if (look.Complete)
        {
            yield return Fine(Subjects.Box, "Every lead was followed.", "practice");
        }
    }
}
