using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A metal plate is bonded by the screws that hold it.</summary>
/// <remarks>NEC 404.9(B), 406.6(B): to a yoke that is bonded. Where every yoke is, it does not matter what the plate is made of.</remarks>
public sealed class MetalPlate() : BoxRule("plate-bonded")
{
    public enum Case
    {
        ByYoke,
        NotBonded,
        NotMetal,
        Ask,
        AskFollow,
    }

    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        var yokes = look.Devices.Where(d => d.Device.Gang > 0 && d.Kind.Yoke).Select(d => look.Wires.Yoke(d.Id)).ToList();
        if (yokes.Count == 0 || !look.AllFollowed)
        {
            yield break;
        }

        var open = yokes.Find(y => look.Sources.Grounded(y) == Grounding.CannotTell);
        yield return look.Read(BoxFacts.PlateMetal) switch
        {
            _ when yokes.Exists(look.Sources.IsGrounded) => Fine(Subjects.Box, Case.ByYoke),
            false => Fine(Subjects.Box, Case.NotMetal),
            null when open is null => Ask(Subjects.Box, Case.Ask, [BoxFacts.PlateMetal]),
            true when open is null => Fix(Subjects.Box, Case.NotBonded),
            _ => AskOf(
                Subjects.Box,
                Case.AskFollow,
                [new(Subjects.Box, BoxFacts.PlateMetal), .. look.Sources.Deciding(open!)],
                ("cables", Grounds.Open(open!))
            ),
        };
    }
}
