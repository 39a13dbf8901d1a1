namespace JollyBarn.Planning.Ways;

/// <summary>Finds what is wanted in free words.</summary>
/// <remarks>Words people say for it; <em>practice</em>.</remarks>
public static class WishWords
{
    private static readonly (WishKind Kind, string[] Words)[] Said =
    [
        (
            WishKind.MoreOutlets,
            [
                "more outlets",
                "outlet",
                "receptacle",
                "plug",
                "socket",
                "outside",
                "outdoor",
                "other side",
                "extend",
                "porch",
                "through the wall",
            ]
        ),
        (
            WishKind.AddDevice,
            ["two gang", "two-gang", "double gang", "three gang", "another device", "add a switch", "beside it", "second receptacle"]
        ),
        (
            WishKind.MendCable,
            ["wire cut", "cut", "saw", "sawn", "nail", "drilled", "chewed", "mouse", "nicked", "damaged cable", "cable hurt", "severed"]
        ),
        (WishKind.Bigger, ["full", "too small", "bigger", "larger box", "does not fit", "crammed", "deeper"]),
        (WishKind.LongerLeads, ["too short", "short leads", "short wires", "longer", "reach"]),
        (WishKind.BoxForSplice, ["without a box", "no box", "splice in the open", "light without", "loose splice"]),
        (WishKind.BondBox, ["bond", "metal box ground", "ground the box", "ground screw"]),
        (
            WishKind.Protect,
            [
                "gfci",
                "protect",
                "two-slot",
                "two-slot receptacle",
                "two slot",
                "two slot receptacle",
                "two prong",
                "no ground",
                "ungrounded",
                "arc fault",
                "afci",
            ]
        ),
        (
            WishKind.ReplaceDevice,
            ["replace", "swap", "worn out", "loose receptacle", "broken switch", "cracked", "new switch", "change the receptacle"]
        ),
        (WishKind.MakeUpBox, ["make up", "make it up", "wire it up", "hook up", "connect it"]),
        (WishKind.NewBreaker, ["breaker", "new circuit", "own circuit", "another circuit", "dedicated"]),
        (WishKind.UndoJumper, ["jumper", "bootleg", "neutral to ground", "false ground"]),
    ];

    /// <summary>What it may mean, likeliest first: by how many of its words are said, the longest first; none where nothing is.</summary>
    public static IReadOnlyList<WishKind> Find(string text)
    {
        var said = string.Join(' ', (text ?? "").ToLowerInvariant().Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries));
        return
        [
            .. Said.Select(s => (s.Kind, Weight: s.Words.Where(w => said.Contains(w, StringComparison.Ordinal)).Sum(w => w.Length)))
                .Where(s => s.Weight > 0)
                .OrderByDescending(s => s.Weight)
                .Select(s => s.Kind),
        ];
    }
}
