using System.Collections.Frozen;
using JollyBarn.Telling.Phrases;
using JollyBarn.Telling.Rules;

namespace JollyBarn.Telling;

/// <summary>The words of every rule.</summary>
internal static class RuleBook
{
    private static readonly FrozenDictionary<string, RuleWords> ById = new[]
    {
        BoxWords.All,
        SurroundWords.All,
        CableWords.All,
        BuriedWords.All,
        ConductorWords.All,
        JointWords.All,
        HurtWords.All,
        DeviceWords.All,
        ProtectionWords.All,
        CircuitWords.All,
        LoadWords.All,
        PanelWords.All,
    }
        .SelectMany(w => w)
        .ToFrozenDictionary(w => w.Id, StringComparer.Ordinal);

    public static RuleWords? Find(string rule) => ById.GetValueOrDefault(rule);
}
