using JollyBarn.Terms;

namespace JollyBarn.CodeBook;

/// <summary>A common thing that takes current.</summary>
/// <param name="Watts">What one of its kind often takes, W.</param>
/// <param name="Hours">How long it often runs on end, h.</param>
public sealed record CommonLoad(
    string Id,
    string Name,
    decimal Watts,
    decimal Hours,
    Hangs How = Hangs.Cord,
    bool Motor = false,
    PowerLoss Minds = PowerLoss.Nothing
);

/// <summary>Common loads of a house and a small workshop, to start a list from: invented things with round figures, <em>practice</em>,
/// from memory. What stands on the thing's own plate goes before all of them.</summary>
public static class CommonLoads
{
    public static IReadOnlyList<CommonLoad> All { get; } =
    [
        new("kettle", "kettle", 1500, 0.2m),
        new("toaster", "toaster", 900, 0.1m),
        new("coffee", "coffee maker", 1000, 1),
        new("microwave", "microwave oven", 1300, 0.5m, Minds: PowerLoss.SetAgain),
        new("toaster-oven", "toaster oven", 1500, 1),
        new("slow-cooker", "slow cooker", 250, 8),
        new("fridge", "refrigerator", 200, 24, Motor: true, Minds: PowerLoss.RestFirst),
        new("freezer", "chest freezer", 150, 24, Motor: true, Minds: PowerLoss.AskFirst),
        new("dishwasher", "dishwasher", 1200, 2, Hangs.Fixed),
        new("disposer", "waste disposer", 700, 0.1m, Hangs.Fixed, true),
        new("iron", "iron", 1400, 1),
        new("hair-dryer", "hair dryer", 1600, 0.3m),
        new("vacuum", "vacuum cleaner", 1100, 0.5m, Motor: true),
        new("heater", "space heater", 1500, 6),
        new("fan-heater", "small fan heater", 750, 4),
        new("window-cooler", "window air conditioner", 900, 8, Motor: true, Minds: PowerLoss.RestFirst),
        new("dehumidifier", "dehumidifier", 500, 12, Motor: true, Minds: PowerLoss.RestFirst),
        new("washer", "washing machine", 600, 1.5m, Motor: true),
        new("dryer-gas", "clothes dryer, gas", 600, 1, Motor: true),
        new("sump", "sump pump", 900, 1, Motor: true, Minds: PowerLoss.AskFirst),
        new("computer", "computer and screen", 250, 8, Minds: PowerLoss.AskFirst),
        new("router", "router", 15, 24, Minds: PowerLoss.SetAgain),
        new("tv", "television", 120, 4, Minds: PowerLoss.SetAgain),
        new("printer", "laser printer", 600, 0.3m),
        new("lamp", "lamp", 10, 5),
        new("work-light", "work light", 100, 5),
        new("charger", "tool battery charger", 120, 2),
        new("drill-press", "drill press", 700, 1, Motor: true),
        new("table-saw", "table saw", 1600, 0.5m, Motor: true),
        new("compressor", "air compressor", 1500, 0.5m, Motor: true),
        new("dust-collector", "dust collector", 1100, 2, Motor: true),
        new("soldering", "soldering iron", 60, 3),
        new("glue-pot", "glue pot", 300, 6),
        new("medical", "medical device", 100, 24, Minds: PowerLoss.AskFirst),
        new("alarm", "alarm panel", 20, 24, Minds: PowerLoss.AskFirst),
        new("timer", "clock or timer", 5, 24, Minds: PowerLoss.SetAgain),
        new("treadmill", "treadmill", 1300, 1, Motor: true),
    ];

    public static CommonLoad? Find(string? id) => All.FirstOrDefault(l => l.Id == id);
}
