using System.Text.Json;
using System.Text.Json.Serialization;
using JollyBarn.CodeBook;
using JollyBarn.Wiring;

namespace JollyBarn.Edits;

/// <summary>How jobs and edits are written: camel case, words for choices, nothing for null. Made at compile time, so it also works in the
/// browser.</summary>
[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull,
    UseStringEnumConverter = true,
    RespectNullableAnnotations = true,
    RespectRequiredConstructorParameters = true,
    AllowOutOfOrderMetadataProperties = true,
    UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow,
    MaxDepth = 48
)]
[JsonSerializable(typeof(Job))]
[JsonSerializable(typeof(JobFile))]
[JsonSerializable(typeof(Edit))]
[JsonSerializable(typeof(IReadOnlyList<Cell>))]
[JsonSerializable(typeof(Place))]
[JsonSerializable(typeof(Wall))]
[JsonSerializable(typeof(Source))]
[JsonSerializable(typeof(Panel))]
[JsonSerializable(typeof(Circuit))]
[JsonSerializable(typeof(Run))]
[JsonSerializable(typeof(Box))]
[JsonSerializable(typeof(Change))]
[JsonSerializable(typeof(Reading))]
[JsonSerializable(typeof(Sighting))]
[JsonSerializable(typeof(Complaint))]
[JsonSerializable(typeof(Tested))]
[JsonSerializable(typeof(Appliance))]
[JsonSerializable(typeof(StockLine))]
[JsonSerializable(typeof(Timed))]
[JsonSerializable(typeof(Interim))]
[JsonSerializable(typeof(Proof))]
[JsonSerializable(typeof(Ruling))]
[JsonSerializable(typeof(Report))]
[JsonSerializable(typeof(Photo))]
[JsonSerializable(typeof(Exercise))]
[JsonSerializable(typeof(CodeProfile))]
[JsonSerializable(typeof(HousePractice))]
[JsonSerializable(typeof(SortedDictionary<string, string>))]
[JsonSerializable(typeof(SortedDictionary<string, int>))]
public sealed partial class JobJson : JsonSerializerContext
{
    /// <summary>The canonical text of a job: two equal jobs have the same.</summary>
    public static string Text(Job job) => JsonSerializer.Serialize(job, Default.Job);
}
