using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A neutral is at a switch that controls lighting, or one of the exceptions holds.</summary>
/// <remarks>NEC 404.2(C). What stood before the edition stands as built.</remarks>
public sealed class NeutralAtSwitch() : BoxRule("neutral-at-switch", "Neutral at the switch", "The next switch will want one, and somebody will take the ground.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        if (!look.Devices.Any(d => d.Kind.Family is DeviceFamily.Switch or DeviceFamily.Dimmer or DeviceFamily.SmartSwitch))
        {
            yield break;
        }

        yield return look.Box.Leads.Values.Any(l => l.Use == ConductorUse.Neutral && l.Run is not null) ? Fine(Subjects.Box, "A neutral is in the box.", "404.2(C)")
            : !look.Complete ? AskOf(Subjects.Box, "Is a neutral in this switch box?", "404.2(C)", [new(Subjects.Box, "switch-neutral")])
            : look.Answer(Subjects.Box, "switch-neutral") is null ? look.YesNo(Subjects.Box, "as-built") == true ? Better(Subjects.Box, "No neutral at this switch; it stands as built.", "404.2(C)") : Ask(Subjects.Box, "No neutral is at this switch. Why may that be?", "404.2(C)", "switch-neutral", "as-built")
            : look.Answer(Subjects.Box, "switch-neutral") != "none" ? look.YesNo(Subjects.Box, "as-built") == true ? Better(Subjects.Box, "No neutral at this switch; it stands as built.", "404.2(C)") : Fine(Subjects.Box, "An exception holds.", "404.2(C)")
            : look.YesNo(Subjects.Box, "as-built") is { } built ? built ? Better(Subjects.Box, "No neutral at this switch; it stands as built.", "404.2(C)") : Fix(Subjects.Box, "No neutral at this switch, and no exception holds.", "404.2(C)")
            : Ask(Subjects.Box, "No neutral at this switch and no exception: has it stood as built?", "404.2(C)", "as-built");
    }
}
