using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>What hangs on a box is not heavier than it may be.</summary>
/// <remarks>NEC 314.27(A), (C): 6 lb on a device box with two No. 6 screws, 50 lb on a ceiling box; a fan up to 35 lb on a box marked for fans, up to 70 lb by its mark.</remarks>
public sealed class Weight() : BoxRule("weight", "Weight", "What is too heavy comes down.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        foreach (var (id, _, kind) in look.Devices.Where(d => d.Kind.Family is DeviceFamily.Luminaire or DeviceFamily.Fan && look.Box.Shape is not (BoxShape.Luminaire or BoxShape.Other)))
        {
            var fan = kind.Family == DeviceFamily.Fan;
            var listed = fan ? look.YesNo(Subjects.Box, "fan-listed") : true;
            if (listed == false)
            {
                yield return Fix(id, "A fan hangs on a box that is not marked for one.", "314.27(C)");
                continue;
            }

            var limit = look.Limits[fan ? "box.fan.plain" : look.Box.Shape == BoxShape.Device ? "box.luminaire.weight" : "box.ceiling.weight"];
            var most = fan ? look.Limits.Number("box.fan.most") : limit.Value;
            yield return look.Number(id, "weight") is not { } weight ? AskOf(id, $"How heavy is the {look.DeviceName(id)}?", limit.Article, fan && listed is null ? [new(id, "weight"), new(Subjects.Box, "fan-listed")] : [new(id, "weight")])
                : weight > most ? Fix(id, $"The {look.DeviceName(id)} weighs {weight:0.##} lb; {most:0.##} lb at most here.", limit.Article) with { Sum = $"{weight:0.##} − {most:0.##} = {weight - most:0.##} lb too much", Mend = $"Hang one {weight - most:0.##} lb lighter, or carry it from the structure and not from the box." }
                : listed is null ? AskOf(id, "Is the box marked for a fan?", limit.Article, [new(Subjects.Box, "fan-listed")])
                : fan && weight > limit.Value ? Better(id, $"The fan weighs {weight:0.##} lb: over {limit.Value:0.##} lb the mark of the box must name its weight. Read it.", limit.Article) with { Mend = "Read the mark inside the box; without one, change the box for one marked for the weight." }
                : Fine(id, $"{weight:0.##} lb, {most:0.##} lb at most.", limit.Article);
        }
    }
}
