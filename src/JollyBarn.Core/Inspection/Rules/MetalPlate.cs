using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A metal plate is bonded by the screws that hold it.</summary>
/// <remarks>NEC 404.9(B), 406.6(B): to a yoke that is bonded. Where every device is, it does not matter what the plate is made of.</remarks>
public sealed class MetalPlate() : BoxRule("plate-bonded", "Metal plate bonded", "A loose hot behind it makes the plate live, and nothing opens.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        const string article = "404.9(B), 406.6(B)";
        var yokes = look.Devices.Where(d => d.Device.Gang > 0 && d.Kind.Yoke).ToList();
        if (yokes.Count == 0 || !look.AllFollowed)
        {
            yield break;
        }

        var grounds = look.Ended.Where(l => l.Lead.Use == ConductorUse.Ground).Select(l => l.Id).ToList();
        bool Bonded(string id) => grounds.Exists(g => look.Touching.Reaches(g, id, "ground")) || (look.Box.Material != CodeBook.BoxMaterial.Nonmetallic && grounds.Exists(look.Touching.ReachesBox));
        yield return yokes.Exists(d => Bonded(d.Id)) ? Fine(Subjects.Box, "Whatever the plate is made of, a yoke bonds it.", article)
            : look.YesNo(Subjects.Box, "plate-metal") switch
            {
                true => Fix(Subjects.Box, "The plate is metal, and no device under it is bonded.", article),
                false => Fine(Subjects.Box, "The plate is not metal.", article),
                null => Ask(Subjects.Box, "No device here is bonded: is the plate metal?", article, "plate-metal"),
            };
    }
}
