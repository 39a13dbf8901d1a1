using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A receptacle in a damp or wet place is weather-resistant and covered for it.</summary>
/// <remarks>NEC 406.9: wet, a cover that closes on the plug, extra duty; damp, one that is tight when closed.</remarks>
public sealed class WeatherReceptacle() : BoxRule("weather", "Weather", "Rain runs down the cord into the slots.")
{
    public override IEnumerable<Finding> Judge(BoxLook look)
    {
        const string article = "406.9(A), (B)";
        foreach (var (id, _, _) in look.Receptacles)
        {
            if (look.Wetness is "dry" || look.Use is "bathroom" or "basement" && look.Wetness == "damp")
            {
                yield return Fine(id, "No weather cover is asked here.", article);
                continue;
            }

            if (look.Wetness is null)
            {
                yield return AskOf(id, "Is the place dry, damp or wet? The cover goes by it.", article, [new(Subjects.Box, "wetness")]);
                continue;
            }

            var wet = look.Wetness == "wet";
            var cover = look.Box.Parts.Values.Any(p => p.Kind == "plate-wet") ? "in-use" : look.Answer(id, "wet-cover");
            var resistant = look.YesNo(id, "weather");
            yield return resistant == false ? Fix(id, $"The {look.DeviceName(id)} is not weather-resistant, and the place is {look.Wetness}.", article)
                : cover == "indoor" || (wet && cover == "flap") ? Fix(id, wet ? "A wet place needs an extra-duty cover that closes on the plug." : "A damp place needs a cover that is tight when closed.", article)
                : resistant is null || cover is null ? Ask(id, $"Is the {look.DeviceName(id)} right for a {look.Wetness} place?", article, [.. resistant is null ? ["weather"] : Array.Empty<string>(), .. cover is null ? ["wet-cover"] : Array.Empty<string>()])
                : Fine(id, $"The {look.DeviceName(id)} suits a {look.Wetness} place.", article);
        }
    }
}
