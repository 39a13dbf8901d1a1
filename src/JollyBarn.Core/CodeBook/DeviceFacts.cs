using static JollyBarn.CodeBook.FactKinds;

namespace JollyBarn.CodeBook;

/// <summary>Facts of a device.</summary>
public static class DeviceFacts
{
    public static IReadOnlyList<FactKind> All { get; } =
    [
        YesNo("rigid", FactOf.Device, 400, "Does it sit firm at the finished face?", "It does not give when a plug goes in; its yoke rests on the wall or on the box.", "yes"),
        Choice("screws", FactOf.Device, 401, "What screws hold it?", "The ones through its yoke.", ("machine", "machine screws"), ("other", "drywall or wood screws")),
        Number("rating", FactOf.Device, 402, "What is it rated, in amperes?", "On its face or strap; a 20 A receptacle has a T-shaped slot.", "A"),
        YesNo("tamper", FactOf.Device, 403, "Is it tamper-resistant?", "TR on its face, shutters in the slots.", "yes"),
        YesNo("weather", FactOf.Device, 404, "Is it weather-resistant?", "WR on its face.", "yes"),
        Choice("wet-cover", FactOf.Device, 405, "What cover is over it?", "Close it on a plug and look.", ("in-use", "closes on the plug, extra duty"), ("flap", "tight only with nothing plugged in"), ("indoor", "an indoor plate")),
        YesNo("self-ground", FactOf.Device, 406, "Does its yoke ground itself to the box?", "A self-grounding clip at a screw, or metal to metal on a surface box."),
        YesNo("labelled", FactOf.Device, 407, "Is it marked for having no ground?", "\"GFCI Protected\" and \"No Equipment Ground\", where they must stand.", "yes"),
        YesNo("torque-marked", FactOf.Device, 408, "Is a tightening torque marked on it?", "On the device or in its sheet."),
        Choice("torqued", FactOf.Device, 409, "How was it tightened?", "Where a torque is marked.", ("tool", "to the mark, with a calibrated tool"), ("means", "to the mark, by an approved means"), ("feel", "by feel")),
        YesNo("al-marked", FactOf.Device, 410, "Is it marked for aluminum?", "CO/ALR on a device of 15 or 20 A."),
        Number("weight", FactOf.Device, 411, "How heavy is what hangs here?", "In pounds, from its box or a scale.", "lb"),
        YesNo("dims-receptacle", FactOf.Device, 412, "Does this dimmer feed a receptacle?", "Follow its switched lead.", "no"),
        Number("load", FactOf.Device, 414, "What does it take, in watts?", "On the label of what hangs or is plugged in there; amperes times volts. 0 for nothing.", "W"),
        Choice("load-how", FactOf.Device, 415, "How does it hang on it?", "What takes the most there.", ("cord", "by cord and plug"), ("fixed", "fastened in place")),
        YesNo("load-long", FactOf.Device, 416, "Does it run three hours or more on end?", "A heater, a charger, lights of a shop."),
        YesNo("taped", FactOf.Device, 413, "Is tape round its terminals?", "Two turns over the screws.", "yes"),
    ];
}
