using JollyBarn.Terms;
using JollyBarn.Wiring;

namespace JollyBarn.Inspection.Rules;

/// <summary>A receptacle in a damp or wet place is weather-resistant and covered for it.</summary>
/// <remarks>NEC 406.9: wet, a cover that closes on the plug, extra duty; damp, one that is tight when closed.</remarks>
public sealed class WeatherReceptacle() : BoxRule("weather")
{
    public enum Case
    {
        NotAsked,
        AskPlace,
        NotResistant,
        WetCover,
        DampCover,
        Ask,
        Suits,
    }

    public override IEnumerable<Finding> Judge(BoxLook look) =>
        look.Receptacles.Select(r =>
            look.Wetness switch
            {
                Damp.Dry => Fine(r.Id, Case.NotAsked),
                null => AskOf(r.Id, Case.AskPlace, [new(Subjects.Box, WallFacts.Wetness)]),
                { } place => Judge(look, r.Id, place),
            }
        );

    private Finding Judge(BoxLook look, Id<Device> id, Damp place)
    {
        var wet = place == Damp.Wet;
        var cover = look.Box.Parts.Values.Any(p => p.Kind == "plate-wet") ? WetCover.InUse : look.Read(DeviceFacts.WetCover, id);
        var resistant = look.Read(DeviceFacts.Weather, id);
        FactKey?[] open = [resistant is null ? DeviceFacts.Weather : null, cover is null ? DeviceFacts.WetCover : null];
        return cover switch
        {
            _ when resistant == false => Fix(id, Case.NotResistant, ("device", Thing.Device(id)), ("place", place)),
            WetCover.Indoor or WetCover.Flap when wet => Fix(id, Case.WetCover),
            WetCover.Indoor => Fix(id, Case.DampCover),
            _ when resistant is null || cover is null => Ask(
                id,
                Case.Ask,
                [.. open.OfType<FactKey>()],
                ("device", Thing.Device(id)),
                ("place", place)
            ),
            _ => Fine(id, Case.Suits, ("device", Thing.Device(id)), ("place", place)),
        };
    }
}
