using JollyBarn.CodeBook;
using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A metal plate is bonded by the screws that hold it.</summary>
/// <remarks>NEC 404.9(B), 406.6(B): to a yoke that is bonded. Where every device is, it does not matter what the plate is made
/// of.</remarks>
public sealed class MetalPlate() : BoxRule("plate-bonded")
{
    public enum Case
    {
        ByYoke,
        NotBonded,
        NotMetal,
        Ask,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var yokes = look.Devices.Where(d => d.Device.Gang > 0 && d.Kind.Yoke).ToList();
        if (yokes.Count == 0 || !look.AllFollowed)
        {
            yield break;
        }

        var grounds = look.Ended.Where(l => l.Lead.Use == ConductorUse.Ground).Select(l => l.Id).ToList();
        var byBox = look.Box.Material != BoxMaterial.Nonmetallic && grounds.Exists(look.Touching.ReachesBox);
        var bonded = byBox || yokes.Exists(d => grounds.Exists(g => look.Touching.Reaches(g, d.Id, "ground")));
        yield return look.Read(BoxFacts.PlateMetal) switch
        {
            _ when bonded => Fine(Subjects.Box, Case.ByYoke),
            true => Fix(Subjects.Box, Case.NotBonded),
            false => Fine(Subjects.Box, Case.NotMetal),
            null => Ask(Subjects.Box, Case.Ask, [BoxFacts.PlateMetal]),
        };
    }
}
