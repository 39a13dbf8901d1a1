using System.Text.Json;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using JollyBarn.Edits;
using JollyBarn.Electrics.Faults;

namespace JollyBarn.Web;

/// <summary>How requests and answers are written: the open format's own ways.</summary>
internal static class ApiJson
{
    public static void Set(JsonSerializerOptions options)
    {
        options.PropertyNamingPolicy = JsonNamingPolicy.CamelCase;
        options.DefaultIgnoreCondition = JsonIgnoreCondition.WhenWritingNull;
        options.RespectNullableAnnotations = true;
        options.RespectRequiredConstructorParameters = true;
        options.AllowOutOfOrderMetadataProperties = true;
        options.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
        options.NumberHandling = JsonNumberHandling.Strict;
        options.MaxDepth = JobJson.Default.Options.MaxDepth;
        options.TypeInfoResolver = new DefaultJsonTypeInfoResolver { Modifiers = { NoNulls.Refused, FaultList.Named } };
        options.Converters.Add(new JsonStringEnumConverter(null, allowIntegerValues: false));
    }
}
