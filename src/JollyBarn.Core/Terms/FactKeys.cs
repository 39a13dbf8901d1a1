using System.Collections.Frozen;

namespace JollyBarn.Terms;

/// <summary>Every fact there is to ask. A new one is a property in the list of its subject.</summary>
public static class FactKeys
{
    private static readonly FrozenDictionary<string, FactKey> ById;

    static FactKeys()
    {
        All = [.. WallFacts.All, .. BoxFacts.All, .. CableFacts.All, .. LeadFacts.All, .. DeviceFacts.All, .. SupplyFacts.All];
        ById = All.ToFrozenDictionary(k => k.Id, StringComparer.Ordinal);
    }

    public static IReadOnlyList<FactKey> All { get; }

    public static FactKey? Find(string? id) => id is not null && ById.TryGetValue(id, out var key) ? key : null;
}
