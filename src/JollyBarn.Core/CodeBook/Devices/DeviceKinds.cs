namespace JollyBarn.CodeBook;

/// <summary>Kinds of devices, each described in one place: its terminals, what lies between them, what it counts as.</summary>
public static class DeviceKinds
{
    private static readonly Dictionary<string, DeviceKind> ById;
    private static readonly Dictionary<(string Kind, string Place), (Terminal Terminal, LandingPlace Place)> Spots;

    static DeviceKinds()
    {
        All = [.. Receptacles.All, .. ProtectiveReceptacles.All, .. Switches.All, .. Fixtures.All];
        ById = All.ToDictionary(k => k.Id, StringComparer.Ordinal);
        Spots = All.SelectMany(k => k.Terminals.SelectMany(t => t.Landings.Select(p => (Key: (k.Id, p.Id), Spot: (t, p)))))
            .ToDictionary(s => s.Key, s => s.Spot);
    }

    /// <summary>All kinds, in the order they are offered.</summary>
    public static IReadOnlyList<DeviceKind> All { get; }

    public static DeviceKind? Find(string? id) => id is not null && ById.TryGetValue(id, out var kind) ? kind : null;

    /// <summary>A landing place of a kind with the terminal it is on; null when the kind has no such place.</summary>
    public static (Terminal Terminal, LandingPlace Place)? Spot(string? kind, string? place) =>
        kind is not null && place is not null && Spots.TryGetValue((kind, place), out var spot) ? spot : null;
}
