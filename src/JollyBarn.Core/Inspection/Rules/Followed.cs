using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>Every conductor was followed to where it goes.</summary>
/// <remarks>Practice: a lead nobody followed may be anything.</remarks>
public sealed class Followed() : BoxRule("followed")
{
    public enum Case
    {
        AskOne,
        AskMany,
        All,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var unknown = look.Ended.Where(l => l.Lead.Lands.At == LandingAt.Unknown).Select(l => l.Id).ToList();
        if (unknown.Count == 1)
        {
            yield return AskOf(Subjects.Box, Case.AskOne, [], ("lead", Thing.Lead(unknown[0]))).Pointing(unknown);
        }
        else if (unknown.Count > 1)
        {
            yield return AskOf(Subjects.Box, Case.AskMany, [], ("count", unknown.Count)).Pointing(unknown);
        }
        else if (look.Complete)
        {
            yield return Fine(Subjects.Box, Case.All);
        }
    }
}
