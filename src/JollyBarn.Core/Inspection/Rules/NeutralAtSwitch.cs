using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A neutral is at a switch that controls lighting, or one of the exceptions holds.</summary>
/// <remarks>NEC 404.2(C). What stood before the edition stands as built.</remarks>
public sealed class NeutralAtSwitch() : BoxRule("neutral-at-switch")
{
    public enum Case
    {
        Present,
        AskPresent,
        StandsAsBuilt,
        AskWhy,
        Excepted,
        Missing,
        AskBuilt,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (!look.Devices.Any(d => d.Kind.OnlySwitches))
        {
            yield break;
        }

        var present = look.Box.Leads.Any(l => l.Value.Run is not null && look.Sources.Of(l.Key).Kinds == Carries.Neutral);
        var built = look.Read(WallFacts.AsBuilt);
        yield return look.Read(BoxFacts.SwitchNeutral) switch
        {
            _ when present => Fine(Subjects.Box, Case.Present),
            _ when !look.Complete => Ask(Subjects.Box, Case.AskPresent, [BoxFacts.SwitchNeutral]),
            _ when built == true => Better(Subjects.Box, Case.StandsAsBuilt),
            null => Ask(Subjects.Box, Case.AskWhy, [BoxFacts.SwitchNeutral, WallFacts.AsBuilt]),
            not NoNeutral.None => Fine(Subjects.Box, Case.Excepted),
            _ when built == false => Fix(Subjects.Box, Case.Missing),
            _ => Ask(Subjects.Box, Case.AskBuilt, [WallFacts.AsBuilt]),
        };
    }
}
