using static JollyBarn.CodeBook.DeviceParts;

namespace JollyBarn.CodeBook;

/// <summary>Receptacles that open by themselves.</summary>
internal static class ProtectiveReceptacles
{
    public static IReadOnlyList<DeviceKind> All { get; } =
    [
        Yoked(
            "protective",
            "GFCI receptacle",
            5.2m,
            "1 3/8",
            Plate("line-hot", "line hot", TerminalRole.LineHot),
            Plate("line-neutral", "line neutral", TerminalRole.LineNeutral),
            Plate("load-hot", "load hot", TerminalRole.LoadHot),
            Plate("load-neutral", "load neutral", TerminalRole.LoadNeutral),
            Ground
        ) with
        {
            Inside = [new Watches(), new Slots(Watches.FaceHot, Watches.FaceNeutral)],
        },
    ];
}
