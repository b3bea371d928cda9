-- Takes in the body of a request and hands it on. nginx would do the same by itself, but ends without a word a
-- request whose body never comes to the length that it was announced with; here that is answered.

local length = tonumber(ngx.var.content_length)
if not length or length == 0 then
    return -- None, or one that comes in chunks, which says itself where it ends.
end

local function refuse(status, message)
    local answer = '{"message":"' .. message .. '"}'
    ngx.status = status
    ngx.header["Content-Type"] = "application/json"
    ngx.header["Content-Length"] = #answer
    ngx.header["Connection"] = "close"
    ngx.print(answer)
    return ngx.exit(ngx.HTTP_OK)
end

local socket = ngx.req.socket()
if not socket then
    return refuse(400, "The request has no body, though it says that it has one.")
end
socket:settimeout(1000 * ngx.var.patience)

local CHUNK = 65536
local left = length
ngx.req.init_body()
while left > 0 do
    local chunk, problem = socket:receive(math.min(left, CHUNK))
    if not chunk then
        local message = "The request ended before all that it announced had come. Nothing was done; try again."
        return refuse(problem == "timeout" and 408 or 400, message)
    end
    ngx.req.append_body(chunk)
    left = left - #chunk
end
ngx.req.finish_body()
