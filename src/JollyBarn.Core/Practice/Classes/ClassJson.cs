using System.Text.Json.Serialization;

namespace JollyBarn.Practice.Classes;

/// <summary>How a class and its answers are kept.</summary>
[JsonSourceGenerationOptions(
    PropertyNamingPolicy = JsonKnownNamingPolicy.CamelCase,
    UseStringEnumConverter = true,
    RespectNullableAnnotations = true,
    RespectRequiredConstructorParameters = true
)]
[JsonSerializable(typeof(ClassPlan))]
[JsonSerializable(typeof(ClassAnswer))]
[JsonSerializable(typeof(ClassMark))]
public sealed partial class ClassJson : JsonSerializerContext;
