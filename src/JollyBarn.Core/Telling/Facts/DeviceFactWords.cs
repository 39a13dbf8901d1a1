using JollyBarn.Terms;

namespace JollyBarn.Telling.Facts;

/// <summary>How the facts of a device are asked.</summary>
internal static class DeviceFactWords
{
    public static Dictionary<FactKey, FactWords> All { get; } =
        new()
        {
            [DeviceFacts.Rigid] = new(
                "Does it sit firm at the finished face?",
                "It does not give when a plug goes in; its yoke rests on the wall or on the box."
            ),
            [DeviceFacts.Screws] = new("What screws hold it?", "The ones through its yoke.", ["machine screws", "drywall or wood screws"]),
            [DeviceFacts.Rating] = new("What is it rated, in amperes?", "On its face or strap; a 20 A receptacle has a T-shaped slot."),
            [DeviceFacts.Tamper] = new("Is it tamper-resistant?", "TR on its face, shutters in the slots."),
            [DeviceFacts.Weather] = new("Is it weather-resistant?", "WR on its face."),
            [DeviceFacts.WetCover] = new(
                "What cover is over it?",
                "Close it on a plug and look.",
                ["closes on the plug, extra duty", "tight only with nothing plugged in", "an indoor plate"]
            ),
            [DeviceFacts.SelfGround] = new(
                "Does its yoke ground itself to the box?",
                "A self-grounding clip at a screw, or metal to metal on a surface box."
            ),
            [DeviceFacts.Labelled] = new(
                "Is it marked for having no ground?",
                "\"GFCI Protected\" and \"No Equipment Ground\", where they must stand."
            ),
            [DeviceFacts.TorqueMarked] = new("Is a tightening torque marked on it?", "On the device or in its sheet."),
            [DeviceFacts.Torqued] = new(
                "How was it tightened?",
                "Where a torque is marked.",
                ["to the mark, with a calibrated tool", "to the mark, by an approved means", "by feel"]
            ),
            [DeviceFacts.AlMarked] = new("Is it marked for aluminum?", "CO/ALR on a device of 15 or 20 A."),
            [DeviceFacts.Weight] = new("How heavy is what hangs here?", "In pounds, from its box or a scale."),
            [DeviceFacts.DimsReceptacle] = new("Does this dimmer feed a receptacle?", "Follow its switched lead."),
            [DeviceFacts.Watts] = new(
                "What does it take, in watts?",
                "On the label of what hangs or is plugged in there; amperes times volts. 0 for nothing."
            ),
            [DeviceFacts.Hangs] = new("How does it hang on it?", "What takes the most there.", ["by cord and plug", "fastened in place"]),
            [DeviceFacts.Lasting] = new("Does it run three hours or more on end?", "A heater, a charger, lights of a shop."),
            [DeviceFacts.Taped] = new("Is tape round its terminals?", "Two turns over the screws."),
            [DeviceFacts.Luminaire] = new(
                "How is the luminaire made?",
                "As a closet or a tub asks.",
                [
                    "a lamp without a glass all round",
                    "hangs on a cord, chain or stem",
                    "closed, incandescent or LED, on the surface",
                    "fluorescent, on the surface",
                    "recessed",
                ]
            ),
            [DeviceFacts.ToStorage] = new("How far is it from what is stored?", "From the lamp to the nearest shelf, rod or box.")
            {
                Picture = "storage",
            },
            [DeviceFacts.SupplyHot] = new(
                "Is the supply wire rated as hot as the luminaire asks?",
                "Often 90 °C; wire of before 1985 is not."
            ),
            [DeviceFacts.OpensTogether] = new(
                "Do all breakers that feed it open together?",
                "One breaker, a two-pole one, or an identified tie on the handles. Look at the panel."
            ),
            [DeviceFacts.ButtonOpens] = new(
                "Does its test button open it?",
                "Press it with the power on: it clicks, and its own slots and what hangs on its load go dead. Then reset it."
            ),
            [DeviceFacts.ReadyAccess] = new(
                "Does a hand get at its buttons?",
                "Without a ladder, a tool, or moving what stands before it."
            ),
            [DeviceFacts.TamperWhy] = new(
                "Why need it not be tamper-resistant?",
                "406.12 lets some off.",
                ["no reason", "it is part of a luminaire or appliance", "an appliance stands before it that is not easily moved"]
            ),
            [DeviceFacts.ExposedMetal] = new(
                "Has it metal that one can touch?",
                "Canopy, arms, screws of a glass: all of it counts, not the socket inside."
            ),
        };
}
